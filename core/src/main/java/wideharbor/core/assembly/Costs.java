package wideharbor.core.assembly;

import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.HouseRules.Rule;

/**
 * What an order costs beyond the work itself, minutes: keys fetched, sides changed, the rig turned over.
 *
 * @param tool a key fetched
 * @param side going round
 * @param turn turning over
 */
record Costs(double tool, double side, double turn) {
    private static final Set<Act> SOMEWHERE = EnumSet.of(Act.FIT, Act.TIE, Act.PLUG);

    static Costs of(HouseRules rules) {
        return new Costs(rules.value(Rule.TIME_TOOL), rules.value(Rule.TIME_SIDE), rules.value(Rule.TIME_TURN));
    }

    /** How the rig lies. */
    enum Lie {
        ANYHOW,
        UP,
        OVER
    }

    /**
     * Where things are between two steps.
     *
     * @param hand keys that were last used
     * @param lifted whether the rig is on its support, so that it is not turned any more
     */
    record Hands(Set<String> hand, Optional<Side> at, Lie lie, boolean lifted) {
        static final Hands EMPTY = new Hands(Set.of(), Optional.empty(), Lie.ANYHOW, false);

        Hands after(Task task) {
            return new Hands(
                    task.keys().isEmpty() ? hand : Set.copyOf(task.keys()),
                    SOMEWHERE.contains(task.act()) ? Optional.of(task.side()) : at,
                    task.act() == Act.LIFT ? Lie.UP : wants(task) == Lie.ANYHOW ? lie : wants(task),
                    lifted || task.act() == Act.LIFT);
        }

        private Lie wants(Task task) {
            if (lifted || task.act() != Act.FIT && task.act() != Act.LIFT) {
                return Lie.ANYHOW;
            }
            return task.turned() ? Lie.OVER : Lie.UP;
        }

        /** Whether the rig is turned over before a task. */
        boolean turnsFor(Task task) {
            return lie != Lie.ANYHOW && wants(task) != Lie.ANYHOW && wants(task) != lie;
        }
    }

    double of(Hands now, Task task) {
        long fetched = task.keys().stream().filter(k -> !now.hand().contains(k)).count();
        boolean round = SOMEWHERE.contains(task.act())
                && now.at().filter(s -> s != task.side()).isPresent();
        return fetched * tool + (round ? side : 0) + (now.turnsFor(task) ? turn : 0);
    }

    double of(List<Task> order) {
        double sum = 0;
        Hands now = Hands.EMPTY;
        for (Task task : order) {
            sum += of(now, task);
            now = now.after(task);
        }
        return sum;
    }

    /** No order costs less: every key is fetched once, every side gone to once, and turned back where it lies over. */
    double least(List<Task> tasks) {
        Set<String> keys = new LinkedHashSet<>();
        Set<Side> sides = EnumSet.noneOf(Side.class);
        boolean over = false;
        boolean up = false;
        for (Task task : tasks) {
            keys.addAll(task.keys());
            if (SOMEWHERE.contains(task.act())) {
                sides.add(task.side());
            }
            over |= task.turned();
            up |= task.act() == Act.FIT && !task.turned() || task.act() == Act.LIFT;
        }
        return keys.size() * tool + Math.max(0, sides.size() - 1) * side + (over && up ? turn : 0);
    }
}
