package wideharbor.core.check.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.balance.Statics;
import wideharbor.core.build.Command;
import wideharbor.core.build.Joint;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.id.LensId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Moved;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** What may be moved or exchanged to bring the centre of mass over the support. */
final class Slides {
    private Slides() {}

    /**
     * Slides along the axis that shift the carried mass, each set so that it balances, as far as its travel lets it.
     */
    static List<Candidate> balancing(RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        Posture posture = Posture.of(analysis).orElse(null);
        if (posture == null) {
            return all;
        }
        Rig rig = analysis.rig();
        for (Motion motion : rig.motions()) {
            if (SlideBalance.goesAlong(rig, motion)) {
                double along =
                        new Moved(rig, motion).direction().dot(rig.world().forward());
                balancing(analysis, posture, motion, along).ifPresent(all::add);
            }
        }
        return all;
    }

    /** Empty when the slide stands there already, as near as it is set by hand. */
    private static Optional<Candidate> balancing(RigAnalysis analysis, Posture posture, Motion motion, double along) {
        Rig rig = analysis.rig();
        Joint joint = motion.joint().flatMap(rig.content()::joint).orElseThrow();
        boolean supportSide = rig.subtree(joint.child().placement())
                .contains(posture.support().id());
        double all = posture.carried().grams();
        double moved = posture.carried()
                .part(rig.subtree(joint.child().placement())::contains)
                .grams();
        double by = supportSide
                ? -Statics.slide(posture.aheadMm(), all, Math.max(1, all - moved))
                : Statics.slide(posture.aheadMm(), all, Math.max(1, moved));
        double value = motion.value() + by / along;
        double rounded = motion.settable(value);
        if (Math.abs(rounded - motion.value()) >= 0.5) {
            return Optional.of(new Candidate(
                    "slide",
                    "Set " + rig.title(motion.key().placement()) + ", "
                            + motion.freedom().title() + " to " + Words.mm(rounded),
                    List.of(new Scoped(
                            analysis.build()
                                    .scopeOf(motion.key(), rig.configuration().id(), LensId.NONE),
                            new Command.Set(motion.key(), rounded, false)))));
        }
        return Optional.empty();
    }

    /** Another battery on the same plate as a counterweight, from the kit before the shelf. */
    static List<Candidate> counterweights(RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            if (placed.type().facet(PowerFacet.Battery.class).isEmpty()) {
                continue;
            }
            for (ItemType other : Parts.byNearness(analysis)) {
                if (other.facet(PowerFacet.Battery.class).isPresent()
                        && !other.equals(placed.type())
                        && samePort(placed.type(), other)) {
                    all.add(new Candidate(
                            "counterweight",
                            other.name() + " in place of " + placed.title(),
                            Parts.swap(analysis, placed.id(), other)));
                }
            }
        }
        return all;
    }

    private static boolean samePort(ItemType a, ItemType b) {
        String port = a.facet(PowerFacet.Battery.class).orElseThrow().port();
        return b.port(port)
                .filter(p -> p.standard().equals(a.port(port).orElseThrow().standard()))
                .isPresent();
    }
}
