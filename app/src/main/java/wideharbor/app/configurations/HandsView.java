package wideharbor.app.configurations;

import java.util.List;
import java.util.Optional;
import wideharbor.core.brief.Brief;
import wideharbor.core.people.Holds;
import wideharbor.core.sheet.Hands;

/** Where the operator, and whoever takes the rig over, meets it. Without matter there is no {@code putDown}. */
public record HandsView(
        String operator,
        Optional<Double> heightMm,
        Brief.Crew.Side shoulder,
        Brief.Crew.Side eye,
        String reason,
        List<Holds.Side> sides,
        List<Holds.Grip> grips,
        List<Hands.Finder> finders,
        Optional<Hands.Down> putDown) {

    static HandsView of(Hands hands, Brief.Crew crew) {
        return new HandsView(
                crew.operator(),
                crew.profile().heightMm(),
                crew.shoulder(),
                crew.eye(),
                crew.profile().reason(),
                hands.holds().sides(),
                hands.holds().grips(),
                hands.finders(),
                hands.putDown());
    }
}
