package wideharbor.core.build;

import java.util.List;
import wideharbor.core.id.LensId;
import wideharbor.core.quantity.Require;

/** One lens of the set as it is used on this build: what goes in the slot and what is set anew for it. */
public record LensChoice(LensId id, String title, List<Command> overlay) {
    public static final int LONGEST_TITLE = 60;

    public LensChoice {
        if (id.isNone()) {
            throw new IllegalArgumentException("A lens of the set must have an id");
        }
        Require.text("Lens title", title, LONGEST_TITLE);
        overlay = List.copyOf(overlay);
    }

    LensChoice with(List<Command> commands) {
        return new LensChoice(id, title, commands);
    }
}
