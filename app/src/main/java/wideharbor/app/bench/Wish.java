package wideharbor.app.bench;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What someone wants done at the bench. Which fields count depends on the kind: SET key, value; REMOVE and RESTORE
 * placement (and withDependants); ADD port, item, itemPort; WEIGH placement, value (g); TRIED placement; IMPROVISE
 * placement, text; TIP placement, at (mm to camera left, up and ahead of the mount); FIX finding, fix. Of the
 * configuration looked at: DERIVE, COPY, RENAME, OTHER_SHOULDER text (a title); PORTRAIT text and key (LEFT or RIGHT,
 * the body's side that looks down); TIGHT text; PLUG key and port (sockets, part:socket) and item; UNPLUG key (a
 * cable); LAY key (a cable), along (parts it is led along) and placement (in whose bay the rest lies); COME_BACK key (a
 * remembered state's number); CARRY placement; UNCONFIGURE. With {@code only} what would go into the base goes into the
 * configuration looked at.
 */
record Wish(
        @NotNull Kind kind,
        @NotNull @Size(max = 200) String key,
        double value,
        @NotNull @Size(max = 64) String placement,
        boolean withDependants,
        @NotNull @Size(max = 140) String port,
        @NotNull @Size(max = 80) String item,
        @NotNull @Size(max = 64) String itemPort,
        @NotNull @Size(max = 400) String finding,
        @NotNull @Size(max = 40) String fix,
        @NotNull @Size(max = 160) String text,
        @NotNull @Size(max = 3) List<@NotNull Double> at,
        @NotNull @Size(max = 12) List<@NotNull @Size(max = 64) String> along,
        boolean only) {

    enum Kind {
        SET,
        REMOVE,
        RESTORE,
        ADD,
        WEIGH,
        TRIED,
        IMPROVISE,
        TIP,
        DERIVE,
        COPY,
        RENAME,
        UNCONFIGURE,
        CARRY,
        PORTRAIT,
        OTHER_SHOULDER,
        TIGHT,
        PLUG,
        UNPLUG,
        LAY,
        COME_BACK,
        FIX
    }
}
