package wideharbor.core.assembly;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.assembly.AssemblyPlan.Before;
import wideharbor.core.assembly.AssemblyPlan.Reach;
import wideharbor.core.assembly.AssemblyPlan.Screwing;
import wideharbor.core.assembly.AssemblyPlan.Step;
import wideharbor.core.assembly.AssemblyPlan.Tool;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Port;
import wideharbor.core.id.PlacementId;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;
import wideharbor.core.tool.ToolList;

/** Says each step of an order as one says it to somebody at the bench. */
final class StepWords {
    static final String OVER = "over";
    static final String UP = "up";
    static final String TURN_OVER = "Turn the rig onto its top";
    static final String TURN_UP = "Turn the rig upright";

    private final RigAnalysis analysis;
    private final Rig rig;
    private final Tasks tasks;
    private final Precedence precedence;
    private final Costs costs;
    private final Map<String, String> held;

    StepWords(RigAnalysis analysis, Tasks tasks, Precedence precedence, Costs costs) {
        this.analysis = analysis;
        this.rig = analysis.rig();
        this.tasks = tasks;
        this.precedence = precedence;
        this.costs = costs;
        this.held = ToolList.keysHeld(rig, analysis.kit());
    }

    List<Step> steps(List<Task> order) {
        List<Step> all = new ArrayList<>();
        Costs.Hands now = Costs.Hands.EMPTY;
        Set<PlacementId> on = new LinkedHashSet<>();
        int turns = 0;
        boolean overFirst = order.stream()
                .filter(t -> t.act() == Act.FIT && t.part().isPresent())
                .findFirst()
                .map(Task::turned)
                .orElse(false);
        for (Task task : order) {
            double setUp = costs.of(now, task);
            if (now.turnsFor(task)) {
                turns++;
                all.add(turning(turns, task, on, all.get(all.size() - 1)));
                setUp -= analysis.rule(Rule.TIME_TURN);
            }
            task.part().filter(p -> task.act() != Act.TRY).ifPresent(on::add);
            Optional<Step> turned = now.turnsFor(task) ? Optional.of(all.get(all.size() - 1)) : Optional.empty();
            Step step = step(task, List.copyOf(on), task.minutes() + setUp, turned);
            all.add(task.act() == Act.LAY && overFirst ? step.said("on its top, the base up", step.check()) : step);
            now = now.after(task);
        }
        return all;
    }

    private Step turning(int nth, Task forWhat, Set<PlacementId> on, Step last) {
        boolean over = forWhat.turned();
        return new Step(
                "turn:" + nth,
                over ? OVER : UP,
                Act.TURN,
                Optional.empty(),
                Optional.empty(),
                List.copyOf(on),
                over ? TURN_OVER : TURN_UP,
                "on something soft",
                Side.TOP,
                List.of(),
                List.of(),
                "",
                List.of(),
                List.of(),
                "Nothing rests on a screen, an antenna, a lens or a rail.",
                "By two where it is heavy.",
                List.of(new Before(
                        last.key(), Reason.Kind.TURNED_OVER, last.title(), "It is done with the rig as it lies now.")),
                "What follows is done " + (over ? "from below." : "from above and from the sides."),
                analysis.rule(Rule.TIME_TURN));
    }

    private Step step(Task task, List<PlacementId> on, double minutes, Optional<Step> turned) {
        List<Reach> settings = settings(task);
        List<Screwing> screws = screws(task);
        String where = where(task);
        return new Step(
                task.key(),
                print(task, where, screws, settings),
                task.act(),
                task.part(),
                task.cable(),
                on,
                Titles.of(rig, task),
                where,
                task.side(),
                task.keys().stream()
                        .map(k -> new Tool(k, Optional.ofNullable(held.get(k)).orElse("")))
                        .toList(),
                screws,
                tight(task),
                marks(task),
                settings,
                check(task),
                caution(task),
                before(task, turned),
                whyNow(task),
                minutes);
    }

    private String print(Task task, String where, List<Screwing> screws, List<Reach> settings) {
        String type = task.part()
                .map(p -> rig.require(p).type().ref().toString())
                .or(() -> task.cable()
                        .flatMap(rig.content()::cable)
                        .map(c -> c.type().toString()))
                .orElse("");
        return Integer.toHexString(
                (type + "|" + where + "|" + screws + "|" + settings + "|" + task.joints()).hashCode());
    }

    private List<Screwing> screws(Task task) {
        Map<String, Screwing> all = new LinkedHashMap<>();
        for (Port.Screw s : task.screws()) {
            all.merge(
                    s.thread() + s.captive(),
                    new Screwing(s.thread(), s.count(), s.captive()),
                    (a, b) -> new Screwing(a.thread(), a.count() + b.count(), a.captive()));
        }
        return List.copyOf(all.values());
    }

    private List<Reach> settings(Task task) {
        List<Reach> all = new ArrayList<>();
        for (Joint joint : task.joints()) {
            for (Motion m : tasks.settings(joint)) {
                all.add(new Reach(m.freedom().title(), m.value(), m.freedom().unit()));
            }
        }
        return all;
    }

    private String where(Task task) {
        if (task.cable().isPresent()) {
            return rig.content()
                    .cable(task.cable().get())
                    .map(c -> socket(c.a().placement(), c.a().socket()) + " to "
                            + socket(c.b().placement(), c.b().socket()))
                    .orElse("");
        }
        if (task.joints().isEmpty()) {
            return "";
        }
        Joint joint = task.joints().get(0);
        boolean childMoves =
                task.part().map(p -> p.equals(joint.child().placement())).orElse(true);
        PortRef own = childMoves ? joint.child() : joint.parent();
        PortRef other = childMoves ? joint.parent() : joint.child();
        return "its " + bare(rig.port(own).title()) + " to the "
                + bare(rig.port(other).title());
    }

    private static String bare(String title) {
        return title.startsWith("the ") ? title.substring("the ".length()) : title;
    }

    private String socket(PlacementId part, String socket) {
        return rig.title(part)
                + rig.require(part)
                        .type()
                        .socket(socket)
                        .map(s -> ", " + s.title())
                        .orElse("");
    }

    /** How firm, by the thread or the lever that is worked; what can be crushed is never hard. */
    private String tight(Task task) {
        if (task.joints().isEmpty()) {
            return task.cable().isPresent() ? "Straight in, no force; locked, then pulled at." : "";
        }
        Joint joint = task.joints().get(0);
        Standard standard =
                analysis.standards().require(rig.port(joint.parent()).standard());
        if (standard.family() == Standard.Family.LENS_MOUNT) {
            return standard.facts() instanceof Standard.Facts.LensMount m && m.lock() == Standard.Lock.RING_LOCKED
                    ? "Ring firm by hand: a key bends it."
                    : "Until it clicks.";
        }
        if (standard.family() == Standard.Family.ROD) {
            return "Snug: a crushed clamp binds on the rod, and the rod in it.";
        }
        return task.screws().stream()
                .map(Port.Screw::thread)
                .min(Comparator.comparingInt(StepWords::strength))
                .map(StepWords::tight)
                .orElseGet(() -> bySlide(joint));
    }

    private String bySlide(Joint joint) {
        Port.Working.Way way = rig.port(joint.child()).working().way() == Port.Working.Way.SCREWS
                ? rig.port(joint.parent()).working().way()
                : rig.port(joint.child()).working().way();
        return switch (way) {
            case LEVER -> "Lever home, with its own force.";
            case THUMB_SCREW -> "Firm between two fingers.";
            case FRICTION -> "So that it does not sink under its load.";
            case SCREWS -> "";
        };
    }

    private static int strength(String thread) {
        if (thread.startsWith("M2") || thread.startsWith("M3") || thread.startsWith("#")) {
            return 0;
        }
        return thread.startsWith("M4") || thread.startsWith("M5") ? 1 : thread.startsWith("1/4") ? 2 : 3;
    }

    private static String tight(String thread) {
        return switch (strength(thread)) {
            case 0 -> "Snug: a small thread in aluminium strips.";
            case 1 -> "Firm with the short end of the key.";
            case 2 -> "Firm: a 1/4 in thread strips in aluminium before it holds better.";
            default -> "Hard: it bears the rig.";
        };
    }

    private List<String> marks(Task task) {
        Set<String> all = new LinkedHashSet<>();
        for (Joint joint : task.joints()) {
            String own = rig.port(joint.child()).mark();
            String other = rig.port(joint.parent()).mark();
            if (!own.isEmpty() && !other.isEmpty()) {
                all.add(own + " to " + other);
            } else if (!own.isEmpty() || !other.isEmpty()) {
                all.add(own + other);
            }
        }
        return List.copyOf(all);
    }

    private String check(Task task) {
        if (isLens(task)) {
            return bears(task)
                            .map(b -> "Hold the lens until " + b + " touches it and is locked; then let go.")
                            .orElse("Seated all round and locked; ")
                    + (bears(task).isPresent() ? "" : "try to turn it.");
        }
        return switch (task.act()) {
            case PLUG -> "It is locked, has slack where something turns, and keeps off lens and hinges.";
            case BALANCE -> "It stays where it is left, level and tilted.";
            case LIFT -> "The lock is home and its safety shut; pull up once.";
            case FIT, STAND, TIE -> joinCheck(task);
            case LAY -> "On something soft, body cap on.";
            case TRY -> "It seats fully, locks and comes off; marked where it sat. Its answer goes onto Tests.";
            case TURN -> "";
        };
    }

    private String joinCheck(Task task) {
        int count = task.screws().stream().mapToInt(Port.Screw::count).sum();
        if (count > 1) {
            return "All " + count + " started by hand, then tightened crosswise.";
        }
        if (count == 1) {
            return "Started by hand; it does not turn when it is pushed.";
        }
        return task.joints().isEmpty() ? "" : "Pulled at once: it does not move.";
    }

    private boolean isLens(Task task) {
        return task.part()
                .filter(p -> rig.require(p).type().category() == Category.LENS)
                .isPresent();
    }

    /** What bears the lens of a step, by name. */
    private Optional<String> bears(Task task) {
        return task.joints().stream()
                .filter(j -> j.kind() == Joint.Kind.CLOSING)
                .findFirst()
                .map(j -> rig.title(
                        task.part()
                                        .filter(p -> p.equals(j.parent().placement()))
                                        .isPresent()
                                ? j.child().placement()
                                : j.parent().placement()));
    }

    private String caution(Task task) {
        if (task.act() == Act.LIFT) {
            return "Lift by two where it is heavy, by handle and body, never by lens or rods.";
        }
        return task.part()
                .map(rig::require)
                .map(Placed::type)
                .map(t -> t.category() == Category.BATTERY
                        ? "Contacts clean and dry; a dented or swollen battery stays off."
                        : isLens(task) ? "Front cap stays on; body cap off last, and put away." : "")
                .orElse("");
    }

    private Before before(Task first, Reason reason) {
        return new Before(first.key(), reason.kind(), Titles.of(rig, first), reason.why());
    }

    private List<Before> before(Task task, Optional<Step> turned) {
        List<Before> all = new ArrayList<>(precedence.graph().incomingEdgesOf(task).stream()
                .map(e -> before(precedence.graph().getEdgeSource(e), precedence.reason(e)))
                .filter(b -> b.kind() != Reason.Kind.WEIGHS && b.kind() != Reason.Kind.LIKED)
                .sorted(Comparator.comparing(Before::kind))
                .toList());
        turned.ifPresent(t -> all.add(
                new Before(t.key(), Reason.Kind.TURNED_OVER, t.title(), "The rig lies the right way up for it then.")));
        return all;
    }

    /**
     * The most telling reason for its place: what would be blocked or harmed later; else what it had to wait for; else
     * what is only liked.
     */
    private String whyNow(Task task) {
        if (task.act() == Act.BALANCE) {
            return "All that weighs is on; what is changed after it moves the balance.";
        }
        var graph = precedence.graph();
        Stream<Place> later = graph.outgoingEdgesOf(task).stream()
                .map(e -> new Place("Before", graph.getEdgeTarget(e), precedence.reason(e), 0));
        Stream<Place> earlier = graph.incomingEdgesOf(task).stream()
                .map(e -> new Place("After", graph.getEdgeSource(e), precedence.reason(e), WAITED));
        return Stream.concat(later, earlier)
                .min(Comparator.comparingInt(Place::rank)
                        .thenComparing(p -> tasks.all().indexOf(p.other())))
                .map(p -> p.way() + " \u201c" + Titles.of(rig, p.other()) + "\u201d: "
                        + p.reason().why())
                .orElse("Nothing waits for it; it costs least here.");
    }

    /** What a step waited for tells less than what waits for it, where both are of a kind. */
    private static final int WAITED = 1;

    private record Place(String way, Task other, Reason reason, int later) {
        int rank() {
            return 2 * StepWords.rank(reason) + later;
        }
    }

    /** What surprises is told before what everybody sees. */
    private static int rank(Reason reason) {
        return switch (reason.kind()) {
            case BORNE -> 0;
            case IN_THE_WAY, COVERS_SCREWS, TRIED -> 1;
            case TURNED_OVER -> 2;
            case NEEDED, LIVE -> 3;
            case CARRIED, STANDS -> 4;
            case BOTH_ENDS -> 5;
            case LIKED -> 6;
            case WEIGHS -> 7;
        };
    }
}
