package wideharbor.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.Content;
import wideharbor.core.build.Joint;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.Port;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;

/** Measures how closing joints meet. Their ports' own freedoms may take up the gap (the height of a lens support). */
final class Closings {
    private Closings() {}

    static Closing measure(Joint joint, Placed parent, Placed child, Content content) {
        Port on = parent.port(joint.parent().port());
        Port own = child.port(joint.child().port());
        List<Motion> below = settings(joint, parent, on, content);
        List<Motion> above = settings(joint, child, own, content);
        Pose a = moved(parent.portPose(on.id()), below);
        Pose b = moved(child.portPose(own.id()), above);
        Vec3 between = b.at().minus(a.at());
        double gap = between.dot(a.n());
        double alongUp = between.dot(a.u());
        double aside = between.dot(a.r());
        double free = Math.max(reach(on, alongUp), reach(own, alongUp));
        double up = Math.max(0, Math.abs(alongUp) - free);
        double cosine = Math.max(-1, Math.min(1, a.n().dot(b.n().negated())));
        return new Closing(joint, gap, Math.hypot(up, aside), Math.toDegrees(Math.acos(cosine)), both(below, above));
    }

    /** A carrier-like face (a barrel) meets anywhere along its length. */
    private static double reach(Port port, double along) {
        if (port.occupancy() instanceof Port.Occupancy.Interval i) {
            return along >= 0 ? Math.max(i.toMm(), -i.fromMm()) : Math.max(-i.fromMm(), i.toMm());
        }
        return 0;
    }

    private static List<Motion> both(List<Motion> below, List<Motion> above) {
        List<Motion> all = new ArrayList<>(below);
        all.addAll(above);
        return all;
    }

    private static List<Motion> settings(Joint joint, Placed placed, Port port, Content content) {
        List<Motion> all = new ArrayList<>();
        for (int i = 0; i < port.freedoms().size(); i++) {
            Freedom freedom = port.freedoms().get(i);
            SettingKey key = new SettingKey(placed.id(), port.id(), i);
            all.add(new Motion(key, Optional.of(joint.id()), freedom, freedom.range(), content.value(key), false));
        }
        return all;
    }

    private static Pose moved(Pose port, List<Motion> settings) {
        Pose pose = port;
        for (Motion motion : settings) {
            pose = pose.then(motion.freedom().at(motion.value()));
        }
        return pose;
    }
}
