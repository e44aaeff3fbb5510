package wideharbor.core.check.signal;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of picture, sound, time and control, in the order in which findings of one weight are told. */
public final class SignalChecks {
    private SignalChecks() {}

    public static List<Check> all() {
        return List.of(
                Reached.pictures(),
                new PictureRate(),
                new LookOnce(),
                new PictureUpright(),
                new PlugClamps(),
                new RadioLinks(),
                new TimeFed(),
                new SoundFed(),
                Reached.drives(),
                Reached.networks(),
                new Triggered(),
                new CableLength(),
                new PlugLocks());
    }
}
