package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import wideharbor.core.analysis.CardRate;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.brief.Shoot;
import wideharbor.core.build.Build;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Report;
import wideharbor.core.check.Verdict;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Words;

/** The brief as testable demands, each with how it stands and what decides it. */
public final class Requirements {
    private Requirements() {}

    /** How a demand stands. */
    public enum Status {
        MET,
        NOT_MET,
        UNDECIDED
    }

    /**
     * One demand.
     *
     * @param from the part of the brief it comes from
     * @param decidedBy titles of the findings that decide it; when it is met, the parts or figures that meet it
     */
    public record Requirement(String id, String from, String text, Status status, List<String> decidedBy) {}

    public static List<Requirement> of(Judged judged) {
        Job job = judged.job();
        Report report = judged.report();
        List<Requirement> all = new ArrayList<>();
        Brief brief = job.brief();
        Coverage met = new Coverage(judged.analyses());
        brief.configurations().forEach(c -> all.add(configuration(job, report, c, met)));
        brief.lenses().forEach(l -> all.add(lens(job, report, l, met)));
        all.add(byCheck(new Asked("day", "hours and climate", onFor(brief)), report, "power.runtime", met::batteries));
        if (brief.massFloorGrams() > 0 || brief.massCeilingGrams() > 0) {
            all.add(byCheck(
                    new Asked("mass", "mass window", "Carried mass " + window(brief)),
                    report,
                    "balance.mass-window",
                    met::masses));
        }
        asks(job, report, met, all);
        return all;
    }

    /** What the brief asks beyond, each by the findings that speak of it. */
    private static void asks(Job job, Report report, Coverage met, List<Requirement> all) {
        Asks asks = job.brief().asks();
        for (Asks.ChangeDemand c : asks.changes()) {
            List<Finding> against = report.of("changeover.demand").stream()
                    .filter(f -> f.key().configuration().equals(c.from())
                            && f.key().name().equals(c.to().toString()))
                    .toList();
            all.add(new Requirement(
                    "change-" + c.from() + "-" + c.to(),
                    "changes",
                    titled(job, c.from()) + " to " + titled(job, c.to()) + " in " + plain(c.minutes()) + " min"
                            + (c.toolFree() ? ", no tools" : ""),
                    status(against),
                    against.isEmpty() ? met.change(c) : titles(against)));
        }
        if (asks.room().depthMm() > 0 || asks.room().heightMm() > 0) {
            all.add(byCheck(
                    new Asked("room", "room", "Fits a room " + room(asks.room())),
                    report,
                    "brief.room",
                    () -> met.rooms(asks.room())));
        }
        if (!asks.tapes().isEmpty()) {
            all.add(byCheck(
                    new Asked(
                            "tapes",
                            "taped distances",
                            "Focuses on " + asks.tapes().size() + " taped distances"),
                    report,
                    "brief.close-focus",
                    () -> met.parts(t -> t.category() == Category.LENS)));
        }
        spares(asks, report, met, all);
        shoot(job, report, met, all);
    }

    private static void spares(Asks asks, Report report, Coverage met, List<Requirement> all) {
        for (Asks.Spare s : asks.spares()) {
            String text = s.pieces() + " to spare of each "
                    + s.category().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
            List<Finding> against = report.of("package.spares");
            List<String> there = met.parts(t -> t.category().name().equals(s.category()));
            // Where nothing of it is on a rig, nothing is to be spare.
            List<String> by = there.isEmpty() ? List.of("nothing of it is on a rig") : there;
            all.add(new Requirement(
                    "spare-" + s.category(),
                    "spares",
                    text,
                    status(against),
                    against.isEmpty() ? by : titles(against)));
        }
    }

    private static String pictureInWords(Shoot.Orientation orientation) {
        return switch (orientation) {
            case BOTH -> "Landscape and portrait pictures";
            case PORTRAIT -> "A portrait picture";
            default -> "A landscape picture";
        };
    }

    /** What the shoot itself asks. */
    private static void shoot(Job job, Report report, Coverage met, List<Requirement> all) {
        Shoot shoot = job.brief().asks().shoot();
        if (shoot.orientation() != Shoot.Orientation.ANY) {
            String picture = pictureInWords(shoot.orientation());
            all.add(byCheck(
                    new Asked("orientation", "picture", picture), report, "brief.orientation", met::orientations));
        }
        if (shoot.longestStretchHours() > 0) {
            all.add(byCheck(
                    new Asked(
                            "stretch",
                            "hours and climate",
                            Words.hours(shoot.longestStretchHours()) + " without power-down"),
                    report,
                    "power.stretch",
                    met::batteries));
        }
        if (!shoot.viewers().isEmpty()) {
            all.add(byCheck(
                    new Asked("viewers", "viewers", shoot.viewers().size() + " viewers, a display each"),
                    report,
                    "brief.viewers",
                    () -> met.able(Capability.SHOWS_PICTURE)));
        }
        if (shoot.sound() != Shoot.Sound.NONE || shoot.timecode()) {
            all.add(byCheck(
                    new Asked("sound", "sound and time", soundInWords(shoot)),
                    report,
                    "brief.sound",
                    () -> met.sound(shoot)));
        }
        for (Shoot.Recording r : shoot.recordings()) {
            List<Finding> against = report.of("brief.recording").stream()
                    .filter(f -> f.key().name().equals(r.mode()))
                    .toList();
            all.add(new Requirement(
                    "recording-" + r.mode().toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                    "recording",
                    "Records " + r.mode() + " at " + Math.round(r.megabits()) + " Mbit/s",
                    recorded(job, against),
                    against.isEmpty()
                            ? CardRate.of(job, r).stream()
                                    .map(Requirements::keepsUp)
                                    .toList()
                            : against.stream().map(Finding::title).toList()));
        }
    }

    private static Status recorded(Job job, List<Finding> against) {
        boolean read = against.stream()
                .allMatch(f -> job.reads().stream().anyMatch(x -> x.finding().equals(f.key())));
        if (read) {
            return Status.MET;
        }
        return against.stream().anyMatch(f -> f.state() == CheckState.FOUND) ? Status.NOT_MET : Status.UNDECIDED;
    }

    private static String keepsUp(CardRate rate) {
        return rate.card().name() + " writes " + Math.round(rate.speed().value()) + " MB/s of "
                + Math.round(rate.speed().from()) + " needed"
                + rate.minutes()
                        .map(m -> ", " + Math.round(m.value()) + " min on each")
                        .orElse("");
    }

    private static String soundInWords(Shoot shoot) {
        String sound = switch (shoot.sound()) {
            case NONE -> "No sound";
            case CAMERA -> "Sound in the camera";
            case SEPARATE -> "Sound kept apart";
        };
        return sound + (shoot.timecode() ? ", one time for all" : "");
    }

    private static String titled(Job job, ConfigurationId configuration) {
        return job.gear().builds().stream()
                .flatMap(b -> b.configuration(configuration).stream())
                .map(c -> c.title())
                .findFirst()
                .or(() ->
                        job.brief().asks().worn(configuration).map(d -> d.worn().title()))
                .orElse(configuration.toString());
    }

    private static String room(Asks.RoomLimit room) {
        String depth = room.depthMm() > 0 ? Words.length(room.depthMm()) + " deep" : "";
        String height = room.heightMm() > 0 ? Words.length(room.heightMm()) + " high" : "";
        return depth + (depth.isEmpty() || height.isEmpty() ? "" : " and ") + height;
    }

    /** The day as it is written; its hours on end while nobody wrote it. */
    private static String onFor(Brief brief) {
        List<DayBlock> day = brief.asks().shoot().day();
        if (day.isEmpty()) {
            return "On for " + Words.hours(brief.hoursOn()) + " at " + degrees(brief.temperatureC());
        }
        double coldest = day.stream().mapToDouble(DayBlock::celsius).min().orElseThrow();
        return "On for " + Words.hours(brief.hoursOn()) + " in " + day.size() + " blocks, down to " + degrees(coldest);
    }

    private static String plain(double minutes) {
        return Words.one(minutes).replace(".0", "");
    }

    private static String degrees(double celsius) {
        return Words.one(celsius).replace(".0", "").replace("-", "−") + " °C";
    }

    private static String window(Brief brief) {
        if (brief.massCeilingGrams() <= 0) {
            return "at least " + Words.kg(brief.massFloorGrams());
        }
        return Words.kg(brief.massFloorGrams()) + " to " + Words.kg(brief.massCeilingGrams());
    }

    private static Requirement configuration(Job job, Report report, ConfigurationId id, Coverage met) {
        List<Build> bodies = ConfigurationKey.bodies(job, id);
        String from = "configurations";
        if (bodies.isEmpty()) {
            return new Requirement(
                    "configuration-" + id, from, "Works as " + id, Status.NOT_MET, List.of("no build has it"));
        }
        String title = bodies.get(0).configuration(id).orElseThrow().title()
                + (bodies.size() == 1 ? "" : ", on " + bodies.size() + " bodies");
        List<Finding> stops = report.findings().stream()
                .filter(f -> f.key().configuration().equals(id) && f.holds())
                .filter(f -> !Verdict.isWaived(f, job.waivers()))
                .toList();
        return new Requirement(
                "configuration-" + id,
                from,
                "Works as " + title,
                status(stops),
                stops.isEmpty() ? met.configuration(id) : titles(stops));
    }

    private static Requirement lens(Job job, Report report, LensId id, Coverage met) {
        Optional<String> title = job.gear().builds().stream()
                .flatMap(b -> b.lens(id).stream())
                .map(l -> l.title())
                .findFirst();
        String text = "Works with " + title.orElse("lens " + id);
        if (title.isEmpty()) {
            return new Requirement("lens-" + id, "lenses", text, Status.NOT_MET, List.of("no build has it"));
        }
        List<Finding> stops = report.findings().stream()
                .filter(f -> f.key().lens().equals(id) && f.holds())
                .filter(f -> !Verdict.isWaived(f, job.waivers()))
                .toList();
        return new Requirement(
                "lens-" + id, "lenses", text, status(stops), stops.isEmpty() ? met.lens(id) : titles(stops));
    }

    /** What is asked, before anything says whether it is met. */
    private record Asked(String id, String from, String text) {}

    private static Requirement byCheck(Asked asked, Report report, String check, Supplier<List<String>> metBy) {
        List<Finding> findings = report.of(check);
        Status status = report.stateOf(check) == CheckState.NOT_CHECKED ? Status.UNDECIDED : status(findings);
        return new Requirement(
                asked.id(), asked.from(), asked.text(), status, status == Status.MET ? metBy.get() : titles(findings));
    }

    private static Status status(List<Finding> findings) {
        if (findings.stream().anyMatch(f -> f.state() == CheckState.FOUND)) {
            return Status.NOT_MET;
        }
        return findings.isEmpty() ? Status.MET : Status.UNDECIDED;
    }

    private static List<String> titles(List<Finding> findings) {
        return findings.stream().map(Finding::title).distinct().toList();
    }
}
