package wideharbor.core.build;

import java.util.regex.Pattern;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;

/**
 * The stable id of a setting: the placement, the port (or internal joint) whose freedom it sets, and which one of its
 * ordered freedoms. Written {@code placement:port:index}.
 */
public record SettingKey(PlacementId placement, String port, int freedom) {
    private static final Pattern WRITTEN = Pattern.compile("([^:]+):([^:]+):(\\d{1,2})");

    public SettingKey {
        Id.some("Placement", placement);
        Require.id("Port id", port);
        Require.within("Freedom index", freedom, 0, 20, "");
    }

    public static SettingKey parse(String written) {
        var match = WRITTEN.matcher(written);
        if (!match.matches()) {
            throw new IllegalArgumentException("A setting is written placement:port:index, but was '" + written + "'");
        }
        return new SettingKey(PlacementId.of(match.group(1)), match.group(2), Integer.parseInt(match.group(3)));
    }

    // Written out: as a key in the innermost loops the generated pair of methods is several times slower.
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof SettingKey o
                        && placement.equals(o.placement)
                        && port.equals(o.port)
                        && freedom == o.freedom;
    }

    @Override
    public int hashCode() {
        return (placement.hashCode() * 31 + port.hashCode()) * 31 + freedom;
    }

    @Override
    public String toString() {
        return placement + ":" + port + ":" + freedom;
    }
}
