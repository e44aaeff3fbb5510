package wideharbor.core.assembly;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;

/**
 * In which order a rig is put together, one step at a time.
 *
 * @param back the way back, last on, first off
 * @param loops what could not be kept because something else must come before it
 * @param keys every key that is used, in the order in which it is first needed
 * @param minutes estimated for one pair of hands, with fetching and going round
 * @param setUp of these, fetching keys, going round and turning over
 * @param leastSetUp no order of these steps needs less
 * @param plainSetUp what the order of the rig itself would need
 */
public record AssemblyPlan(
        List<Step> steps,
        List<Step> back,
        List<Loop> loops,
        List<String> keys,
        double minutes,
        double setUp,
        double leastSetUp,
        double plainSetUp) {

    /** Two things that each must come first: what was asked for, and why it cannot be. */
    public record Loop(String asked, List<String> against) {}

    public AssemblyPlan {
        steps = List.copyOf(steps);
        back = List.copyOf(back);
        loops = List.copyOf(loops);
        keys = List.copyOf(keys);
    }

    /** Screws of one kind that are worked in a step. */
    public record Screwing(String thread, int count, boolean captive) {}

    /** What is set in a step; {@code unit}: mm or degrees. */
    public record Reach(String what, double value, String unit) {}

    /** A step that must be done before; {@code why}: one sentence. */
    public record Before(String key, Reason.Kind kind, String title, String why) {}

    /**
     * One step.
     *
     * @param key the same as long as it is the same thing to do
     * @param print changes when what is done in it changes: another part, place, screw or setting
     * @param part that it handles
     * @param on what is on the rig once it is done
     * @param where faces that meet
     * @param side where the hand is
     * @param tools each key that is used, with what in the package has it; empty where nothing has
     * @param tight how firm, with the reason
     * @param marks which way round
     * @param check to make before the next step
     * @param caution where it can hurt somebody or something
     * @param before steps that must be done before it
     * @param whyNow why it is not later, in one sentence
     * @param minutes estimated, with fetching and going round
     */
    public record Step(
            String key,
            String print,
            Act act,
            Optional<PlacementId> part,
            Optional<CableId> cable,
            List<PlacementId> on,
            String title,
            String where,
            Side side,
            List<Tool> tools,
            List<Screwing> screws,
            String tight,
            List<String> marks,
            List<Reach> settings,
            String check,
            String caution,
            List<Before> before,
            String whyNow,
            double minutes) {
        public Step {
            on = List.copyOf(on);
            tools = List.copyOf(tools);
            screws = List.copyOf(screws);
            marks = List.copyOf(marks);
            settings = List.copyOf(settings);
            before = List.copyOf(before);
        }

        /** The same, said otherwise. */
        Step said(String otherWhere, String otherCheck) {
            return new Step(
                    key,
                    print,
                    act,
                    part,
                    cable,
                    on,
                    title,
                    otherWhere,
                    side,
                    tools,
                    screws,
                    tight,
                    marks,
                    settings,
                    otherCheck,
                    caution,
                    before,
                    whyNow,
                    minutes);
        }
    }

    /** A key, and the tool that is packed and has it. */
    public record Tool(String key, String in) {}

    /** The order of a rig, worked out once for it. */
    public static AssemblyPlan of(RigAnalysis analysis) {
        return analysis.once(AssemblyPlan.class, AssemblyPlan::plan);
    }

    private static AssemblyPlan plan(RigAnalysis analysis) {
        Tasks tasks = Tasks.of(analysis);
        Precedence precedence = Precedence.of(analysis, tasks);
        Costs costs = Costs.of(analysis.rules());
        List<Task> order = Sequencer.order(tasks.all(), precedence.graph(), costs);
        List<Step> steps = new StepWords(analysis, tasks, precedence, costs).steps(order);
        Set<String> keys = new LinkedHashSet<>();
        order.forEach(t -> keys.addAll(t.keys()));
        return new AssemblyPlan(
                steps,
                TakenOff.steps(steps, analysis.rig(), order),
                precedence.loops(),
                new ArrayList<>(keys),
                steps.stream().mapToDouble(Step::minutes).sum(),
                costs.of(order),
                costs.least(order),
                costs.of(Sequencer.plain(tasks.all(), precedence.graph(), costs)));
    }
}
