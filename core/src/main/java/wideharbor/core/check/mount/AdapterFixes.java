package wideharbor.core.check.mount;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.check.Chains;
import wideharbor.core.check.Check.Candidate;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Say;

/** Adapters between the two faces of a joint that do not mate. */
final class AdapterFixes {
    private static final int MOST_CHAINS = 6;

    private AdapterFixes() {}

    static List<Candidate> of(CheckContext context, String jointId) {
        Joint joint = context.rig().content().joint(jointId).orElseThrow();
        if (joint.kind() != Joint.Kind.LOCATING) {
            return List.of();
        }
        List<Candidate> all = new ArrayList<>();
        for (AdapterFinder.Chain chain : context.catalogue()
                .adapters()
                .between(context.rig().port(joint.parent()), context.rig().port(joint.child()), MOST_CHAINS)) {
            all.add(new Candidate(
                    "adapter",
                    "Put " + chain.title() + " between: " + Say.mm(chain.heightMm()) + ", "
                            + Math.round(chain.massGrams()) + " g",
                    Chains.between(context, joint, chain)));
        }
        return all;
    }
}
