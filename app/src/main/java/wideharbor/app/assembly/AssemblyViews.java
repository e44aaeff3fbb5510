package wideharbor.app.assembly;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import wideharbor.core.assembly.Act;
import wideharbor.core.assembly.AssemblyPlan;
import wideharbor.core.assembly.AssemblyPlan.Step;
import wideharbor.core.assembly.Reason;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;

/** The steps of a rig as the screen shows them; minutes. */
public final class AssemblyViews {
    private AssemblyViews() {}

    /**
     * {@code setUpMinutes}: fetching keys, going round, turning over; {@code plainSetUpMinutes}: in the rig's order.
     */
    public record AssemblySheet(
            List<AssemblyStep> steps,
            List<AssemblyLoop> loops,
            List<String> keys,
            double minutes,
            double minutesLeft,
            double setUpMinutes,
            double leastSetUpMinutes,
            double plainSetUpMinutes,
            int done) {
        /** @param type id of a part's type */
        static AssemblySheet of(
                AssemblyPlan plan,
                Function<PlacementId, String> type,
                Map<String, TickRow> ticks,
                UnaryOperator<String> name) {
            return of(
                    plan,
                    plan.steps().stream()
                            .map(s -> AssemblyStep.of(s, type, Optional.ofNullable(ticks.get(s.key())), name))
                            .toList());
        }

        /** How it is taken apart. */
        static AssemblySheet back(AssemblyPlan plan, Function<PlacementId, String> type) {
            return of(
                    plan,
                    plan.back().stream()
                            .map(s -> AssemblyStep.of(s, type, Optional.empty(), UnaryOperator.identity()))
                            .toList());
        }

        private static AssemblySheet of(AssemblyPlan plan, List<AssemblyStep> steps) {
            return new AssemblySheet(
                    steps,
                    plan.loops().stream()
                            .map(l -> new AssemblyLoop(l.asked(), l.against()))
                            .toList(),
                    plan.keys(),
                    plan.minutes(),
                    steps.stream()
                            .filter(s -> !s.isDone())
                            .mapToDouble(AssemblyStep::minutes)
                            .sum(),
                    plan.setUp(),
                    plan.leastSetUp(),
                    plan.plainSetUp(),
                    (int) steps.stream().filter(AssemblyStep::isDone).count());
        }
    }

    /** What was asked to come first, and the steps that say it cannot. */
    record AssemblyLoop(String asked, List<String> against) {}

    record StepTool(String key, String in) {}

    record StepScrews(String thread, int count, boolean captive) {}

    record StepSetting(String what, double value, String unit) {}

    /** A step that must be done before. */
    record StepBefore(String step, Reason.Kind kind, String title, String why) {}

    /** {@code stale}: the step was another when it was ticked. */
    record StepTick(String who, Instant at, Optional<Double> minutes, String remark, boolean stale) {}

    /** One thing to do, with who did it; the words are the plan's. */
    public record AssemblyStep(
            String key,
            String print,
            Act act,
            String part,
            String type,
            String cable,
            List<String> on,
            String title,
            String where,
            String side,
            List<StepTool> tools,
            List<StepScrews> screws,
            String tight,
            List<String> marks,
            List<StepSetting> settings,
            String check,
            String caution,
            List<StepBefore> before,
            String whyNow,
            double minutes,
            Optional<StepTick> tick) {
        static AssemblyStep of(
                Step s, Function<PlacementId, String> type, Optional<TickRow> tick, UnaryOperator<String> name) {
            return new AssemblyStep(
                    s.key(),
                    s.print(),
                    s.act(),
                    s.part().map(PlacementId::toString).orElse(""),
                    s.part().map(type).orElse(""),
                    s.cable().map(CableId::toString).orElse(""),
                    s.on().stream().map(PlacementId::toString).toList(),
                    s.title(),
                    s.where(),
                    s.side().inWords(),
                    s.tools().stream().map(t -> new StepTool(t.key(), t.in())).toList(),
                    s.screws().stream()
                            .map(w -> new StepScrews(w.thread(), w.count(), w.captive()))
                            .toList(),
                    s.tight(),
                    s.marks(),
                    s.settings().stream()
                            .map(r -> new StepSetting(r.what(), r.value(), r.unit()))
                            .toList(),
                    s.check(),
                    s.caution(),
                    s.before().stream()
                            .map(b -> new StepBefore(b.key(), b.kind(), b.title(), b.why()))
                            .toList(),
                    s.whyNow(),
                    s.minutes(),
                    tick.map(t -> new StepTick(
                            name.apply(t.who()),
                            t.at(),
                            t.minutes(),
                            t.remark(),
                            !t.print().equals(s.print()))));
        }

        boolean isDone() {
            return tick.filter(t -> !t.stale()).isPresent();
        }
    }
}
