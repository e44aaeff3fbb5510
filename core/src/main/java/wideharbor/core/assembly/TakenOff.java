package wideharbor.core.assembly;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.assembly.AssemblyPlan.Before;
import wideharbor.core.assembly.AssemblyPlan.Step;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Rig;

/** Steps said backwards: the rig is taken apart. */
final class TakenOff {
    private final Map<String, String> titles = new LinkedHashMap<>();

    private TakenOff() {}

    static List<Step> steps(List<Step> built, Rig rig, List<Task> tasks) {
        TakenOff off = new TakenOff();
        tasks.forEach(t -> off.titles.put(t.key(), Titles.off(rig, t)));
        return off.steps(built.stream().filter(s -> s.act() != Act.TRY).toList());
    }

    private List<Step> steps(List<Step> built) {
        Map<String, List<Before>> after = new LinkedHashMap<>();
        for (Step step : built) {
            for (Before b : step.before()) {
                after.computeIfAbsent(b.key(), k -> new ArrayList<>())
                        .add(new Before(step.key(), b.kind(), title(step), why(b)));
            }
        }
        List<Step> all = new ArrayList<>();
        for (int i = built.size() - 1; i >= 0; i--) {
            Step step = built.get(i);
            List<PlacementId> left = i == 0 ? List.of() : built.get(i - 1).on();
            all.add(off(step, after.getOrDefault(step.key(), List.of()), left));
        }
        return all;
    }

    private Step off(Step step, List<Before> before, List<PlacementId> left) {
        return new Step(
                step.key(),
                step.print(),
                step.act(),
                step.part(),
                step.cable(),
                left,
                title(step),
                step.where(),
                step.side(),
                step.tools(),
                step.screws(),
                "",
                step.act() == Act.PLUG ? List.of() : step.marks(),
                step.settings(),
                check(step),
                caution(step),
                before,
                before.isEmpty()
                        ? "Nothing stands on it or is tied to it."
                        : "After \u201c" + before.get(0).title() + "\u201d: "
                                + before.get(0).why(),
                step.minutes());
    }

    private static String why(Before b) {
        return switch (b.kind()) {
            case BORNE -> "The mount alone would bear the lens.";
            case LIVE -> "Nothing is unplugged from what is live.";
            case TURNED_OVER -> "The rig would be turned over with it.";
            case IN_THE_WAY -> "It stands in the way off.";
            case COVERS_SCREWS -> "It covers the screws.";
            case CARRIED, STANDS, BOTH_ENDS, TRIED, NEEDED, WEIGHS, LIKED -> "It hangs on this, or is tied to it.";
        };
    }

    /** A turn belongs to no task: it lies the other way round afterwards. */
    private String title(Step step) {
        return Optional.ofNullable(titles.get(step.key()))
                .orElse(step.print().equals(StepWords.OVER) ? StepWords.TURN_UP : StepWords.TURN_OVER);
    }

    private static String check(Step step) {
        return switch (step.act()) {
            case PLUG -> "By the plug, not by the cable; its cap on.";
            case LIFT -> "Pan and tilt locked; the weight in hand before the lock is opened.";
            case FIT, STAND, TIE ->
                step.before().stream().anyMatch(b -> b.kind() == Reason.Kind.BORNE)
                        ? "Hold the lens, lower what bears it, then unlock the mount; caps on both."
                        : step.screws().stream().anyMatch(s -> !s.captive())
                                ? "The loose screws are counted and bagged."
                                : "";
            case LAY, TRY, TURN, BALANCE -> "";
        };
    }

    private static String caution(Step step) {
        return step.act() == Act.PLUG || step.act() == Act.BALANCE ? "" : step.caution();
    }
}
