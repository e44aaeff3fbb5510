package wideharbor.core.check.brief;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of what the brief asks of the rig, in the order in which findings of one weight are told. */
public final class BriefChecks {
    private BriefChecks() {}

    public static List<Check> all() {
        return List.of(
                new AskedIsBuilt(),
                new WornAsAsked(),
                new ChangeDemands(),
                new RoomSize(),
                new CloseFocus(),
                new SparesPacked(),
                new PictureStands(),
                new ViewersServed(),
                new SoundAndTime(),
                new FocusPulled(),
                new ModesTried(),
                new OwnDemands(),
                new SetByFeel());
    }
}
