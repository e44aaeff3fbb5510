package wideharbor.core.build;

import wideharbor.core.quantity.Require;

/** A value in mm or degrees; set by feel stays marked so until someone measures it. */
public record Setting(SettingKey key, double value, boolean byFeel) {
    public Setting {
        Require.within("Setting " + key, value, -100_000, 100_000, "");
    }
}
