package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Why each part is on a rig, as far as the build itself tells: what it carries, feeds, ties, shows, or is needed by.
 */
public final class IdleParts {
    private IdleParts() {}

    /** A part that nothing relies on in any configuration that has it. */
    public record Idle(BuildId build, PlacementId placement, String title) {}

    /** Reasons for a part, in words; empty when nothing relies on it. */
    public static List<String> of(Rig rig, PlacementId placement) {
        Placed part = rig.require(placement);
        List<String> reasons = new ArrayList<>();
        if (placement.equals(rig.content().root()) || part.type().category() == Category.LENS) {
            reasons.add("makes the picture");
        }
        rig.carriedBy(placement).stream()
                .map(j -> j.child().placement())
                .filter(id -> rig.find(id).isPresent())
                .forEach(id -> reasons.add("carries " + rig.title(id)));
        if (rig.subtree(placement).contains(rig.configuration().support())) {
            reasons.add("bears the rig");
        }
        joined(rig, placement, reasons);
        able(part, reasons);
        for (Placed other : rig.attached()) {
            boolean needs = other.type().relations(Relation.Kind.NEEDS).stream().anyMatch(r -> r.means(part.type()));
            if (needs && !other.id().equals(placement)) {
                reasons.add("needed by " + other.title());
            }
        }
        return reasons;
    }

    /** By cables, and by what ties the rig together. */
    private static void joined(Rig rig, PlacementId placement, List<String> reasons) {
        for (CableRun cable : rig.content().cables()) {
            boolean a = cable.a().placement().equals(placement);
            if (a || cable.b().placement().equals(placement)) {
                PlacementId other = (a ? cable.b() : cable.a()).placement();
                if (rig.find(other).isPresent()) {
                    reasons.add("cabled to " + rig.title(other));
                }
            }
        }
        for (Joint joint : rig.liveJoints()) {
            if (joint.kind() == Joint.Kind.CLOSING
                    && (joint.parent().placement().equals(placement)
                            || joint.child().placement().equals(placement))) {
                reasons.add("ties " + rig.title(joint.parent().placement()) + " to "
                        + rig.title(joint.child().placement()));
            }
        }
    }

    private static void able(Placed part, List<String> reasons) {
        for (Capability capability : part.type().capabilities()) {
            if (capability != Capability.ADAPTS && capability != Capability.RIDES_ON_AXIS) {
                reasons.add(capability.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '));
            }
        }
        if (part.type().facet(PowerFacet.Battery.class).isPresent()
                || part.type().facet(RiggingFacet.Spacer.class).isPresent()) {
            reasons.add(part.type().facet(PowerFacet.Battery.class).isPresent() ? "gives power" : "sets a height");
        }
    }

    /**
     * Parts of the job that nothing relies on wherever they are on: a habit, or a purpose that the build does not tell.
     */
    public static List<Idle> idle(JobAnalysis analyses) {
        List<Idle> all = new ArrayList<>();
        for (Build build : analyses.job().gear().builds()) {
            Map<PlacementId, String> seen = new LinkedHashMap<>();
            Set<PlacementId> useful = new LinkedHashSet<>();
            for (Configuration configuration : build.configurations()) {
                Rig rig = analyses.rig(
                                build.id(), configuration.id(), build.lensIds().get(0))
                        .rig();
                for (Placed placed : rig.attached()) {
                    seen.putIfAbsent(placed.id(), placed.title());
                    if (!of(rig, placed.id()).isEmpty()) {
                        useful.add(placed.id());
                    }
                }
            }
            seen.forEach((id, title) -> {
                if (!useful.contains(id)) {
                    all.add(new Idle(build.id(), id, title));
                }
            });
        }
        return all;
    }
}
