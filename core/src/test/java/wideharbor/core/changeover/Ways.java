package wideharbor.core.changeover;

import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.clearance.Clearances;
import wideharbor.core.clearance.Obstacles;
import wideharbor.core.rig.Rig;

/** Changes between two rigs of no job. */
final class Ways {
    private Ways() {}

    static Changeover between(Rig from, Rig to, HouseRules rules) {
        return Changeover.between(obstacles(from, rules), obstacles(to, rules), rules);
    }

    private static Obstacles obstacles(Rig rig, HouseRules rules) {
        Clearances clearances = Clearances.of(rig, rules.value(Rule.INTERFERENCE));
        return Obstacles.on(rig, () -> clearances);
    }
}
