package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
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
import wideharbor.core.media.CardRate;
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
     * @param ticks keys of the findings that a named person still has to tick by reading them, where that meets it
     * @param tickedBy who has, as the job has their names
     */
    public record Requirement(
            String id,
            String from,
            String text,
            Status status,
            List<String> decidedBy,
            List<String> ticks,
            List<String> tickedBy) {
        /** One that figures decide, not people. */
        Requirement(String id, String from, String text, Status status, List<String> decidedBy) {
            this(id, from, text, status, decidedBy, List.of(), List.of());
        }

        /** The same with people called otherwise. */
        public Requirement named(UnaryOperator<String> nameOf) {
            return new Requirement(
                    id,
                    from,
                    text,
                    status,
                    decidedBy,
                    ticks,
                    tickedBy.stream().map(nameOf).toList());
        }
    }

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
                    + s.category().toLowerCase(Locale.ROOT).replace('_', ' ');
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
        recordings(job, report, all);
        focus(shoot, report, met, all);
        own(job, report, all);
    }

    private static void recordings(Job job, Report report, List<Requirement> all) {
        for (Shoot.Recording r : job.brief().asks().shoot().recordings()) {
            List<Finding> against = report.of("brief.recording").stream()
                    .filter(f -> f.key().name().equals(r.mode()))
                    .toList();
            all.add(ticked(
                    new Asked(
                            "recording-" + slug(r.mode()),
                            "recording",
                            "Records " + r.mode() + " at " + Math.round(r.megabits()) + " Mbit/s"),
                    job,
                    against,
                    CardRate.of(job, r).stream().map(Requirements::keepsUp).toList()));
        }
    }

    private static void focus(Shoot shoot, Report report, Coverage met, List<Requirement> all) {
        if (shoot.focus() != Shoot.Focus.UNSAID) {
            all.add(byCheck(
                    new Asked("focus", "crew", focusInWords(shoot.focus())),
                    report,
                    "brief.focus",
                    () -> switch (shoot.focus()) {
                        case REMOTE -> met.able(Capability.DRIVES_LENS);
                        case OPERATOR -> met.able(Capability.SHOWS_PICTURE);
                        default -> List.of("nothing else turns the ring");
                    }));
        }
    }

    private static void own(Job job, Report report, List<Requirement> all) {
        for (String words : job.brief().asks().own()) {
            List<Finding> open = report.of("brief.own").stream()
                    .filter(f -> f.key().name().equals(words))
                    .toList();
            all.add(ticked(new Asked("own-" + slug(words), "demands in words", words), job, open, List.of()));
        }
    }

    private static String slug(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    private static String focusInWords(Shoot.Focus focus) {
        return switch (focus) {
            case AT_LENS -> "An assistant pulls focus at the lens";
            case REMOTE -> "An assistant pulls focus by a drive";
            case OPERATOR -> "The operator pulls focus alone";
            default -> "The camera holds focus";
        };
    }

    /** A demand that stands as it was found, or as met once somebody put their name to all that was found. */
    private static Requirement ticked(Asked asked, Job job, List<Finding> against, List<String> metBy) {
        List<Job.CautionRead> read = job.reads().stream()
                .filter(r -> against.stream().anyMatch(f -> f.key().equals(r.finding())))
                .toList();
        List<Finding> open = against.stream()
                .filter(f -> read.stream().noneMatch(r -> r.finding().equals(f.key())))
                .toList();
        Status found = open.stream().anyMatch(f -> f.state() == CheckState.FOUND) ? Status.NOT_MET : Status.UNDECIDED;
        return new Requirement(
                asked.id(),
                asked.from(),
                asked.text(),
                open.isEmpty() ? Status.MET : found,
                against.isEmpty() ? metBy : titles(open),
                open.stream().map(f -> f.key().toString()).toList(),
                read.stream().map(Job.CautionRead::who).distinct().toList());
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
