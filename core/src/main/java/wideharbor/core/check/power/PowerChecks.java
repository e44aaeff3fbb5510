package wideharbor.core.check.power;

import java.util.List;
import wideharbor.core.check.Check;

/** The checks of feeds, batteries and the day, in the order in which findings of one weight are told. */
public final class PowerChecks {
    private PowerChecks() {}

    public static List<Check> all() {
        return List.of(
                new PlugsFit(),
                new VoltageWindow(),
                new OutputLoad(),
                new BatteryLoad(),
                new DrawAsMeasured(),
                new DayRuntime(),
                new StuckToBattery(),
                new PackedForPlates(),
                new Flight(),
                new OwnCellsLast(),
                new VillageFed(),
                new InnerBayFree(),
                new ClaimedRunTime(),
                new Stretch());
    }
}
