package wideharbor.core.check.people;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of who carries and looks, in the order in which findings of one weight are told. */
public final class PeopleChecks {
    private PeopleChecks() {}

    public static List<Check> all() {
        return List.of(
                new GrabPoints(), new FinderAtEye(), new PadSide(), new GripsAsked(), new RunHand(), new ScreenSide());
    }
}
