package wideharbor.core.check.front;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of what the lens draws, what cuts it and what turns it, in the order in which they are told. */
public final class FrontChecks {
    private FrontChecks() {}

    public static List<Check> all() {
        return List.of(
                new FlangeMeets(),
                new MountHolds(),
                new LensAnswers(),
                new CircleCovers(),
                new FrontFits(),
                new FiltersFit(),
                new CornersClear(),
                new OutOfPicture(),
                new GearsMesh());
    }
}
