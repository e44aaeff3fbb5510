package wideharbor.app.configurations;

import java.util.List;
import java.util.Locale;
import wideharbor.core.brief.Brief;
import wideharbor.core.people.Holds;
import wideharbor.core.sheet.Hands;

/**
 * Where the operator, and whoever takes the rig over, meets it. {@code putDown} has one entry, or none without matter.
 */
public record HandsView(
        String operator,
        double heightMm,
        String shoulder,
        String eye,
        String reason,
        List<SideView> sides,
        List<Holds.Grip> grips,
        List<Hands.Finder> finders,
        List<Hands.Down> putDown) {

    record SideView(String from, List<String> safe, List<String> inTheWay) {}

    static HandsView of(Hands hands, Brief.Crew crew) {
        return new HandsView(
                crew.operator(),
                crew.profile().heightMm(),
                word(crew.shoulder()),
                word(crew.eye()),
                crew.profile().reason(),
                hands.holds().sides().stream()
                        .map(s -> new SideView(word(s.from()), s.safe(), s.inTheWay()))
                        .toList(),
                hands.holds().grips(),
                hands.finders(),
                hands.putDown().stream().toList());
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
