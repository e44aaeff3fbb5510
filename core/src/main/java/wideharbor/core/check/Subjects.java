package wideharbor.core.check;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Joint;
import wideharbor.core.rig.Rig;

/** Which placements a finding concerns, whatever kind of subject its key names. */
public final class Subjects {
    private Subjects() {}

    /** Placements behind the subjects: a joint's two parts, a cable's two ends, the part of a port or setting. */
    public static Set<String> placements(Finding finding, Rig rig) {
        Set<String> all = new LinkedHashSet<>();
        for (String subject : finding.key().subjects()) {
            String head = subject.contains(":") ? subject.substring(0, subject.indexOf(':')) : subject;
            Optional<Joint> joint = rig.content().joint(subject);
            Optional<CableRun> cable = rig.content().cable(subject);
            if (joint.isPresent()) {
                all.add(joint.get().child().placement());
                all.add(joint.get().parent().placement());
            } else if (cable.isPresent()) {
                all.add(cable.get().a().placement());
                all.add(cable.get().b().placement());
            } else if (rig.content().placement(head).isPresent()) {
                all.add(head);
            }
        }
        return all;
    }
}
