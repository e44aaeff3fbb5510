package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.Setting;
import wideharbor.core.build.SettingKey;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Rig;

/**
 * The numbers of a rig as it was left, so that it comes back exactly: every slide, angle and reach by its key, and what
 * part stood on it.
 */
public final class Snapshots {
    private static final double SAME = 0.05;

    private Snapshots() {}

    /**
     * One number. {@code part} and {@code what} in words, so that it can be read when the part is gone; what was set by
     * feel comes back as such.
     */
    public record Mark(SettingKey key, String part, String what, double value, String unit, boolean byFeel) {}

    /** How a number stands now against how it was left; {@code now} is empty when the part is not on the rig. */
    public record Difference(Mark left, Optional<Double> now) {}

    /** All numbers of a rig, in the order of the rig; those that a closing joint sets are among them. */
    public static List<Mark> marks(Rig rig) {
        return motions(rig).values().stream()
                .map(m -> new Mark(
                        m.key(),
                        rig.title(m.key().placement()),
                        m.freedom().title(),
                        m.value(),
                        m.freedom().unit(),
                        rig.content().setting(m.key()).map(Setting::byFeel).orElse(false)))
                .toList();
    }

    private static Map<SettingKey, Motion> motions(Rig rig) {
        Map<SettingKey, Motion> all = new LinkedHashMap<>();
        rig.motions().forEach(m -> all.put(m.key(), m));
        rig.closings().forEach(c -> c.settings().forEach(m -> all.putIfAbsent(m.key(), m)));
        return all;
    }

    /** Numbers that are not as they were left. */
    public static List<Difference> differences(Rig rig, List<Mark> left) {
        Map<SettingKey, Motion> now = motions(rig);
        List<Difference> all = new ArrayList<>();
        for (Mark mark : left) {
            Motion motion = now.get(mark.key());
            if (motion == null) {
                all.add(new Difference(mark, Optional.empty()));
            } else if (Math.abs(motion.value() - mark.value()) > SAME) {
                all.add(new Difference(mark, Optional.of(motion.value())));
            }
        }
        return all;
    }

    /** Sets every number that differs back to how it was left; parts that are gone cannot be. */
    public static List<Scoped> comeBack(RigAnalysis analysis, List<Mark> left) {
        return differences(analysis.rig(), left).stream()
                .filter(d -> d.now().isPresent())
                .map(d -> new Scoped(
                        analysis.scopeOf(d.left().key()),
                        new Command.Set(
                                d.left().key(), d.left().value(), d.left().byFeel())))
                .toList();
    }
}
