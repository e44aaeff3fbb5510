package wideharbor.core.check.access;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.check.Check;

/**
 * The checks of what gets in the way of parts, hands, doors and plugs, in the order in which findings of one weight are
 * told.
 */
public final class AccessChecks {
    private AccessChecks() {}

    public static List<Check> all() {
        List<Check> all = new ArrayList<>(List.of(
                new Interference(),
                new PathBlocked(),
                new PlugRoom(),
                new MicrophonePlace(),
                new PortsTowards(),
                new SetDown()));
        all.addAll(KeptRoom.all());
        return List.copyOf(all);
    }
}
