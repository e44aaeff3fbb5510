package wideharbor.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.HandForce;
import wideharbor.core.analysis.Hang;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.RodFit;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.drawing.Drawing.Bearing;
import wideharbor.core.drawing.Drawing.Plumb;
import wideharbor.core.drawing.Drawing.RodHeight;
import wideharbor.core.drawing.Drawing.SlideBar;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.geometry.View.Point;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Rig;

/** What the drawing says of balance: plumb line, travel of the camera, how it is borne, and the height of rods. */
final class BalanceMarks {
    private BalanceMarks() {}

    static Plumb plumb(Rig rig, SlideBalance balance, Sheet view) {
        Vec3 up = rig.world().up();
        Vec3 centre = balance.carried().centre();
        Vec3 datum = rig.world().datum();
        Vec3 foot = centre.minus(up.times(centre.minus(datum).dot(up)));
        return new Plumb(
                view.project(centre),
                view.project(foot),
                view.project(datum),
                balance.judgement().isFine());
    }

    static Optional<SlideBar> slideBar(Rig rig, SlideBalance balance, Sheet view) {
        return balance.slide().map(slide -> {
            Vec3 datum = rig.world().datum();
            Vec3 ahead = slide.ahead();
            Span range = slide.cameraRangeMm();
            return new SlideBar(
                    view.project(datum.plus(ahead.times(range.from()))),
                    view.project(datum.plus(ahead.times(range.to()))),
                    view.project(datum),
                    view.project(datum.plus(ahead.times(slide.cameraShiftMm()))),
                    slide.cameraShiftMm(),
                    slide.inReach());
        });
    }

    static List<Bearing> bearings(RigAnalysis analysis, Sheet view) {
        List<Bearing> all = new ArrayList<>();
        Point datum = view.project(analysis.rig().world().datum());
        HandForce.of(analysis)
                .map(h -> new Bearing(
                        datum, view.project(h.grips()), h.inWords(), h.easy().isFine()))
                .ifPresent(all::add);
        Hang.of(analysis)
                .filter(h -> !h.turnsOver())
                .map(h -> new Bearing(
                        datum,
                        view.project(h.posture().carried().centre()),
                        "hangs " + h.inWords(),
                        h.tilt().isFine()))
                .ifPresent(all::add);
        return all;
    }

    static RodHeight rodHeight(RodFit fit, Sheet view) {
        Pose pose = fit.rods().portPose(fit.facet().port());
        Vec3 end = pose.apply(Vec3.UP.times(fit.facet().lengthMm()));
        return new RodHeight(
                fit.rods().id(),
                view.project(new Vec3(0, 0, end.z())),
                view.project(new Vec3(0, end.y(), end.z())),
                fit.height().value(),
                fit.neededMm(),
                fit.height().isFine());
    }
}
