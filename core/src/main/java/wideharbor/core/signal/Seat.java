package wideharbor.core.signal;

import java.util.Optional;
import wideharbor.core.brief.Shoot;

/**
 * A viewer of the brief with what they look at.
 *
 * @param display the box they look at; empty when there is none for them
 * @param missing what is not there, when no picture is
 * @param whyNot why no picture is there, with the link that breaks; empty when one is
 */
public record Seat(Shoot.Viewer viewer, Optional<Box> display, Optional<Route> route, Missing missing, String whyNot) {
    /** What keeps a viewer from the picture. */
    public enum Missing {
        NOTHING,
        DISPLAY,
        RECEIVER,
        CABLE,
        SENDER,
        /** All is there, and somewhere on the way nothing is plugged. */
        LINK
    }

    public boolean isReached() {
        return route.isPresent();
    }
}
