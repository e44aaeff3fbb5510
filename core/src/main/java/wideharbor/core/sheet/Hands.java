package wideharbor.core.sheet;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.clearance.Resting;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.people.Eyepiece;
import wideharbor.core.people.Holds;
import wideharbor.core.people.Operator;
import wideharbor.core.rig.Rig;
import wideharbor.core.rig.World;

/**
 * Where a person meets the rig: what there is to hold from each side, how far each grip is, where the finder is from
 * the eye, and what touches the table when it is put down.
 *
 * @param finders empty unless the rig lies on a shoulder of known height
 * @param putDown empty when the rig has no matter
 */
public record Hands(Holds holds, List<Finder> finders, Optional<Down> putDown) {
    /** How far an eyepiece is from where the eye is: to camera left, up, ahead and in all, mm. */
    public record Finder(String title, double leftMm, double upMm, double aheadMm, double offMm) {}

    /** What touches the table, how far the rig leans there and how far a knock is from tipping it. */
    public record Down(List<String> contacts, double leanDegrees, double marginMm) {}

    public static Hands of(RigAnalysis analysis) {
        Rig rig = analysis.rig();
        Mass body = Mass.of(rig, rig.subtree(rig.content().root()));
        return new Hands(
                Holds.of(rig, analysis.clearances(), analysis.rule(Rule.GRAB_REACH)),
                finders(analysis),
                Resting.of(rig, analysis.clearances(), body.centre())
                        .map(r -> new Down(
                                r.contacts().stream().map(rig::title).toList(), r.leanDegrees(), r.marginMm())));
    }

    private static List<Finder> finders(RigAnalysis analysis) {
        Brief.Crew crew = analysis.job().brief().crew();
        World world = analysis.rig().world();
        Optional<Vec3> eye = Operator.eye(crew, world);
        if (eye.isEmpty()
                || Posture.of(analysis, SupportFacet.Support.Way.SHOULDER).isEmpty()) {
            return List.of();
        }
        return analysis.rig().attached().stream()
                .filter(p -> p.type().can(Capability.FINDS_PICTURE))
                .flatMap(p -> Eyepiece.of(p).stream().map(at -> {
                    Vec3 off = at.minus(eye.get());
                    return new Finder(
                            p.title(),
                            off.dot(world.left()),
                            off.dot(world.up()),
                            off.dot(world.forward()),
                            off.length());
                }))
                .toList();
    }
}
