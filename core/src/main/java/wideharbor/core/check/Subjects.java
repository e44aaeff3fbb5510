package wideharbor.core.check;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Rig;

/** Which placements a finding concerns, whatever kind of subject its key names. */
public final class Subjects {
    private Subjects() {}

    /** Placements behind the subjects: a joint's two parts, a cable's two ends, the part of a port or setting. */
    public static Set<PlacementId> placements(Finding finding, Rig rig) {
        Set<PlacementId> all = new LinkedHashSet<>();
        for (Subject subject : finding.key().subjects()) {
            all.addAll(placements(subject, rig));
        }
        return all;
    }

    private static List<PlacementId> placements(Subject subject, Rig rig) {
        if (subject instanceof Subject.Joint joint) {
            return rig.content()
                    .joint(joint.id())
                    .map(j -> List.of(j.child().placement(), j.parent().placement()))
                    .orElse(List.of());
        }
        if (subject instanceof Subject.Cable cable) {
            return rig.content()
                    .cable(cable.id())
                    .map(c -> List.of(c.a().placement(), c.b().placement()))
                    .orElse(List.of());
        }
        return placement(subject).filter(p -> rig.content().placement(p).isPresent()).stream()
                .toList();
    }

    private static Optional<PlacementId> placement(Subject subject) {
        if (subject instanceof Subject.Part part) {
            return Optional.of(part.placement());
        }
        if (subject instanceof Subject.Port port) {
            return Optional.of(port.ref().placement());
        }
        if (subject instanceof Subject.Socket socket) {
            return Optional.of(socket.ref().placement());
        }
        return subject instanceof Subject.Setting setting
                ? Optional.of(setting.key().placement())
                : Optional.empty();
    }
}
