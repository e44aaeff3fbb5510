package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.id.JointId;
import wideharbor.core.quantity.Words;

/** Adapters between the two faces of a joint that do not mate. */
public final class AdapterFixes {
    private static final int MOST_CHAINS = 6;

    private AdapterFixes() {}

    public static List<Candidate> of(RigAnalysis analysis, JointId jointId) {
        Joint joint = analysis.rig().content().joint(jointId).orElseThrow();
        if (joint.kind() != Joint.Kind.LOCATING) {
            return List.of();
        }
        List<Candidate> all = new ArrayList<>();
        for (AdapterFinder.Chain chain : analysis.catalogue()
                .adapters()
                .between(analysis.rig().port(joint.parent()), analysis.rig().port(joint.child()), MOST_CHAINS)) {
            all.add(new Candidate(
                    "adapter",
                    "Put " + chain.title() + " between: " + Words.mm(chain.heightMm()) + ", "
                            + Math.round(chain.massGrams()) + " g",
                    Chains.between(analysis, joint, chain)));
        }
        return all;
    }
}
