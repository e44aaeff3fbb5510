package wideharbor.core.signal;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.PowerFacet;

/**
 * How a house lays cables.
 *
 * @param straightMm length of a straight plug with its first bend
 * @param rightAngleMm the same of one at a right angle
 * @param turnDegrees how far displays, finders and arms are turned on the day with their cables in
 */
public record Dressing(double straightMm, double rightAngleMm, double turnDegrees) {
    public static Dressing by(HouseRules rules) {
        return new Dressing(
                rules.value(Rule.PLUG_STRAIGHT), rules.value(Rule.PLUG_RIGHT_ANGLE), rules.value(Rule.CABLE_TURN));
    }

    double stub(PowerFacet.CableEnd end) {
        return end.rightAngle() ? rightAngleMm : straightMm;
    }
}
