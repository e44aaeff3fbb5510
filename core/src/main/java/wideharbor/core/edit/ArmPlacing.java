package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Freedom;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Brings the tip of an arm to a point: which angles its joints take, or how far short it falls.
 *
 * <p>One joint at a time, from the tip inwards, is turned to where the tip comes nearest while the others stand still
 * (cyclic coordinate descent). Along a hinge the tip runs on a circle, along a slide on a line, so three looks at the
 * rig say where the nearest point is; ranges and detents are kept.
 */
public final class ArmPlacing {
    private static final int MOST_ROUNDS = 40;
    private static final double NEAR_ENOUGH = 0.5;
    private static final double REACHED = 2.0;

    private final RigAnalysis analysis;
    private final PlacementId arm;
    private final RiggingFacet.Arm facet;
    private final List<Motion> joints;
    private final Map<SettingKey, Double> values = new LinkedHashMap<>();

    private ArmPlacing(RigAnalysis analysis, Placed arm) {
        this.analysis = analysis;
        this.arm = arm.id();
        this.facet = arm.type()
                .facet(RiggingFacet.Arm.class)
                .orElseThrow(() -> new EditRefused(arm.title() + " is no arm: nothing on it says where its tip is."));
        this.joints = analysis.rig().motions().stream()
                .filter(m -> m.key().placement().equals(arm.id()) && !m.alongCarrier())
                .toList();
        joints.forEach(j -> values.put(j.key(), j.value()));
    }

    /**
     * Settings that bring the arm's tip to a point of the rig frame, mm.
     *
     * @throws EditRefused when it does not reach, saying by how much it falls short
     */
    public static List<Scoped> tipTo(RigAnalysis analysis, PlacementId arm, Vec3 target) {
        Placed placed = analysis.rig()
                .find(arm)
                .orElseThrow(() -> new EditRefused("There is no placement '" + arm + "' on this rig."));
        return new ArmPlacing(analysis, placed).reach(target);
    }

    /** Where the tip stands now, rig frame. */
    public static Vec3 tip(Rig rig, Placed arm) {
        return arm.type()
                .facet(RiggingFacet.Arm.class)
                .map(f -> arm.portPose(f.tipPort()).at())
                .orElse(Vec3.ZERO);
    }

    private List<Scoped> reach(Vec3 target) {
        double miss = tip().minus(target).length();
        for (int round = 0; round < MOST_ROUNDS && miss > NEAR_ENOUGH; round++) {
            double before = miss;
            for (int i = joints.size() - 1; i >= 0; i--) {
                settle(joints.get(i), target);
            }
            miss = tip().minus(target).length();
            if (before - miss < 1e-4) {
                break;
            }
        }
        if (miss > REACHED) {
            throw new EditRefused(analysis.rig().title(arm) + " does not reach there: its tip stays " + Words.mm(miss)
                    + " short. Bring its foot nearer, or take a longer arm.");
        }
        List<Scoped> edit = new ArrayList<>();
        for (Motion joint : joints) {
            double value = value(joint);
            if (Math.abs(value - joint.value()) > 1e-9) {
                edit.add(new Scoped(scope(joint.key()), new Command.Set(joint.key(), value, false)));
            }
        }
        return edit;
    }

    private double value(Motion joint) {
        return values.getOrDefault(joint.key(), joint.value());
    }

    private void settle(Motion joint, Vec3 target) {
        double start = value(joint);
        double best =
                joint.freedom() instanceof Freedom.Rotate ? turned(joint, start, target) : slid(joint, start, target);
        double now = tip().minus(target).length();
        values.put(joint.key(), best);
        if (tip().minus(target).length() > now) {
            values.put(joint.key(), start);
        }
    }

    /**
     * On a circle of centre c with arms A (at 0°) and B (at 90°) the nearest point to t lies at atan2((t−c)·B,
     * (t−c)·A).
     */
    private double turned(Motion joint, double start, Vec3 target) {
        Vec3 at0 = tipAt(joint, 0);
        Vec3 at90 = tipAt(joint, 90);
        Vec3 at180 = tipAt(joint, 180);
        Vec3 centre = at0.plus(at180).times(0.5);
        Vec3 a = at0.minus(centre);
        if (a.length() < 1e-6) {
            return start;
        }
        Vec3 b = at90.minus(centre);
        Vec3 to = target.minus(centre);
        double angle = Math.toDegrees(Math.atan2(to.dot(b), to.dot(a)));
        double best = start;
        double least = Double.POSITIVE_INFINITY;
        for (double whole : new double[] {angle - 360, angle, angle + 360}) {
            double value = allowed(joint, whole);
            double off = Math.abs(Math.IEEEremainder(value - angle, 360));
            if (off < least) {
                least = off;
                best = value;
            }
        }
        return best;
    }

    private double slid(Motion joint, double start, Vec3 target) {
        Vec3 here = tipAt(joint, start);
        Vec3 along = tipAt(joint, start + 1).minus(here);
        return along.length() < 1e-9
                ? start
                : allowed(joint, start + target.minus(here).dot(along));
    }

    /** The nearest value that range and detents allow, to a tenth. */
    private static double allowed(Motion joint, double value) {
        double settable = joint.freedom().step() > 0
                ? joint.settable(value)
                : joint.range().nearest(Math.round(value * 10) / 10.0);
        return Math.round(settable * 1000) / 1000.0;
    }

    private Vec3 tip() {
        return tip(values);
    }

    private Vec3 tipAt(Motion joint, double value) {
        Map<SettingKey, Double> other = new LinkedHashMap<>(values);
        other.put(joint.key(), value);
        return tip(other);
    }

    private Vec3 tip(Map<SettingKey, Double> at) {
        List<Scoped> edit = new ArrayList<>();
        at.forEach((key, value) -> edit.add(new Scoped(scope(key), new Command.Set(key, value, false))));
        Build changed = analysis.job()
                .gear()
                .apply(analysis.build().id(), edit, analysis.catalogue())
                .after()
                .build(analysis.build().id());
        Rig rig = Rig.resolve(
                changed, analysis.rig().configuration().id(), analysis.rig().lens(), analysis.catalogue());
        return rig.require(arm).portPose(facet.tipPort()).at();
    }

    private Scope scope(SettingKey key) {
        return analysis.scopeOf(key);
    }
}
