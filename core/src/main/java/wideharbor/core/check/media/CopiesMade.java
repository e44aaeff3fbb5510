package wideharbor.core.check.media;

import static wideharbor.core.job.Subject.whole;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.media.DriveStock;
import wideharbor.core.media.MediaDay;
import wideharbor.core.media.ReaderSlot;
import wideharbor.core.quantity.Judgement;

/** What is recorded can be read and has somewhere to go, as often as the house copies it. */
final class CopiesMade implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("media.copies")
            .family("media")
            .title("Cards can be read, and copies have room")
            .subjects(
                    "every job whose brief names a recording mode: a reader for each card that is packed; where drives "
                            + "are packed, their number and room")
            .expectation("a reader takes every kind of card; each copy has a drive of its own and all days go on it")
            .because("a card that nobody can read is full for the rest of the day, and two copies on one drive are one")
            .formula("GB of the day · days ≤ GB of the smallest share of the drives, in as many shares as copies")
            .source("the brief; readers and drives on file; copies by the house")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.isFirstOfJob()) {
            MediaDay.of(analysis.job()).ifPresent(d -> {
                reader(d, results);
                drives(analysis, d, results);
            });
        }
    }

    private static void reader(MediaDay day, Results results) {
        List<String> unread = day.unread().stream().map(c -> c.type().name()).toList();
        if (unread.isEmpty()) {
            results.fine();
            return;
        }
        results.found(
                About.of("reader", whole()),
                "Nothing packed reads " + String.join(", ", unread),
                new Evidence.Statement(
                        day.readers().isEmpty()
                                ? "no reader"
                                : String.join(
                                        ", ",
                                        day.readers().stream()
                                                .map(ReaderSlot::title)
                                                .distinct()
                                                .toList()),
                        "a reader that takes it"),
                "Full cards stay full, unless somebody else brings one: say so and read this.");
    }

    private static void drives(RigAnalysis analysis, MediaDay day, Results results) {
        List<DriveStock> drives = DriveStock.packed(analysis.job());
        if (drives.isEmpty()) {
            return;
        }
        int copies = (int) Math.round(analysis.rule(Rule.COPIES));
        int pieces = drives.stream().mapToInt(DriveStock::count).sum();
        results.judge(
                Judgement.atLeast(pieces, copies, 1e-9, "drives"),
                new Told(
                        About.of("drives", whole()),
                        copies + " copies on " + pieces + (pieces == 1 ? " drive" : " drives"),
                        "A drive that falls takes all copies on it along.",
                        ""));
        Optional<Judgement> room = day.room(drives, copies);
        if (room.isEmpty()) {
            results.notChecked(About.of("room", whole()), "the size of a drive is not on file");
        } else if (pieces >= copies) {
            double each = room.get().value() + day.gigabytes().value() * day.days();
            results.judge(
                    room.get(),
                    new Told(
                            About.of("room", whole()),
                            "The drives are full before the job is over",
                            String.format(
                                    Locale.ROOT,
                                    "From the first day to the return %d %s of %d GB at most, and each copy "
                                            + "has room for"
                                            + " %d GB.",
                                    day.days(),
                                    day.days() == 1 ? "day" : "days",
                                    Math.round(day.gigabytes().value()),
                                    Math.round(each)),
                            "the day",
                            "recorded minutes"));
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        if (finding.key().aspect().equals("reader")) {
            List<String> kinds = MediaDay.of(analysis.job()).stream()
                    .flatMap(d -> d.unread().stream())
                    .flatMap(c -> c.card().stream())
                    .map(MediaFacet.Card::kind)
                    .toList();
            all.addAll(MediaChecks.pack(
                    analysis,
                    t -> t.facet(MediaFacet.Reader.class)
                            .filter(r -> kinds.isEmpty() || r.kinds().containsAll(kinds))
                            .isPresent(),
                    Comparator.comparing(ItemType::name)));
        } else {
            all.addAll(MediaChecks.pack(
                    analysis, t -> t.facet(MediaFacet.Drive.class).isPresent(), Comparator.comparing(ItemType::name)));
        }
        return all;
    }
}
