package wideharbor.core.book;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.job.Job;
import wideharbor.core.media.MediaDay;
import wideharbor.core.quantity.Words;
import wideharbor.core.sheet.BalanceSheet;
import wideharbor.core.sheet.FrontSheet;
import wideharbor.core.sheet.MediaSheet;
import wideharbor.core.sheet.PowerSheet;
import wideharbor.core.sheet.SignalSheet;

/**
 * What one person of the crew needs of a job, on one page in large type.
 *
 * @param blocks of which there is something to tell; none where the job has nothing for this person
 */
public record Card(Role role, List<Block> blocks) {
    private static final int MOST_ROWS = 12;

    public Card {
        blocks = blocks.stream().distinct().map(Card::shortened).toList();
    }

    /** Lines and rows on it, by which its type is chosen. */
    public int rows() {
        return blocks.stream()
                .mapToInt(b -> 2
                        + (b instanceof Block.Table t
                                ? t.rows().size()
                                : b instanceof Block.Lines l ? l.lines().size() : 0))
                .sum();
    }

    /** One page holds so much; what is left out is said. */
    private static Block shortened(Block block) {
        if (block instanceof Block.Table t && t.rows().size() > MOST_ROWS) {
            return new Block.Table(
                    t.title() + ": " + MOST_ROWS + " of " + t.rows().size() + ", the rest in the book",
                    t.columns(),
                    t.rows().subList(0, MOST_ROWS));
        }
        return block;
    }

    public static Card of(Judged judged, Role role) {
        List<Block> blocks = new ArrayList<>();
        switch (role) {
            case OPERATOR -> operator(judged, blocks);
            case FOCUS -> focus(judged, blocks);
            case SECOND -> second(judged, blocks);
            case DATA -> data(judged.job(), blocks);
            case SOUND -> sound(judged, blocks);
            case PICTURE -> picture(judged, blocks);
            case DIRECTOR -> director(judged, blocks);
            case PRODUCTION -> production(judged.job(), blocks);
        }
        return new Card(role, blocks);
    }

    private static void operator(Judged judged, List<Block> blocks) {
        Tables worn =
                Tables.of("As it is worn").words("", 6).figures("carried", 2).words("whole set balances at", 5);
        for (RigAnalysis rig : Book.worn(judged)) {
            worn.row(
                    rig.build().title() + ", " + rig.rig().configuration().title(),
                    Words.kg(rig.lifted().grams()),
                    BalanceSheet.of(rig).map(Card::serves).orElse(""));
        }
        worn.onto(blocks);
        batteries(judged, blocks);
        for (RigAnalysis rig : Book.first(judged)) {
            SignalPages.orders(SignalSheet.of(rig), blocks);
        }
    }

    /** By the slide that takes most along. */
    private static String serves(BalanceSheet sheet) {
        return sheet.slides().stream()
                .max(Comparator.comparingDouble(s -> Math.abs(s.perMm().get(0))))
                .map(s -> s.part() + " "
                        + s.serves()
                                .map(r -> Words.one(r.from()) + " to " + Words.one(r.to()) + " mm")
                                .orElse("at no one place: see the marks"))
                .orElse("");
    }

    private static void batteries(Judged judged, List<Block> blocks) {
        Tables table = Tables.of("Batteries")
                .words("", 5)
                .figures("a day takes", 2)
                .words("first change after", 3)
                .words("meanwhile", 5);
        for (RigAnalysis rig : Book.first(judged)) {
            for (PowerSheet.PlateDay p :
                    PowerSheet.of(rig, PowerSheet.Change.NONE).plates()) {
                p.now()
                        .ifPresent(day -> table.row(
                                rig.build().title(),
                                String.valueOf(p.needed()),
                                day.swaps().stream()
                                        .findFirst()
                                        .map(s -> Words.hours(s.hour()))
                                        .orElse("none"),
                                p.keepsOn().inWords()));
            }
        }
        table.onto(blocks);
    }

    private static void focus(Judged judged, List<Block> blocks) {
        for (RigAnalysis rig : Book.first(judged)) {
            Tables table = Tables.of(rig.build().title())
                    .words("lens", 5)
                    .figures("front", 2)
                    .figures("close focus", 2)
                    .words("drives", 8);
            for (FrontSheet.LensRow l :
                    FrontSheet.of(rig, FrontSheet.Tried.NOTHING).lenses()) {
                table.row(
                        l.title(),
                        Words.one(l.optics().frontDiameterMm()) + " mm",
                        l.optics().closeFocusMm().map(Words::length).orElse("not on file"),
                        drives(rig.withLens(l.lens()), l));
            }
            table.onto(blocks);
        }
    }

    /** Each drive of a lens with where it stands on its rods. */
    private static String drives(RigAnalysis with, FrontSheet.LensRow lens) {
        return lens.drives().isEmpty() ? "none" : String.join("\n", LensPages.drives(with, lens));
    }

    private static void second(Judged judged, List<Block> blocks) {
        batteries(judged, blocks);
        Book.first(judged).stream()
                .limit(1)
                .forEach(rig -> LensPages.order(
                        FrontSheet.of(rig, FrontSheet.Tried.NOTHING).order(), blocks));
        MediaSheet.of(judged.job(), MediaDay.Tried.NOTHING)
                .ifPresent(sheet -> DayPages.cards(sheet).onto(blocks));
    }

    private static void data(Job job, List<Block> blocks) {
        blocks.addAll(DayPages.media(job).blocks());
    }

    private static void sound(Judged judged, List<Block> blocks) {
        for (RigAnalysis rig : Book.first(judged)) {
            SignalPages.sound(SignalSheet.of(rig), blocks);
        }
    }

    private static void picture(Judged judged, List<Block> blocks) {
        for (RigAnalysis rig : Book.first(judged)) {
            SignalSheet sheet = SignalSheet.of(rig);
            SignalPages.viewers(sheet).onto(blocks);
            SignalPages.switches(sheet).onto(blocks);
        }
    }

    private static void director(Judged judged, List<Block> blocks) {
        Tables seats = Tables.of("Who sees it where").words("who", 4).words("on", 6);
        for (RigAnalysis rig : Book.first(judged)) {
            for (SignalSheet.SeatRow s : SignalSheet.of(rig).seats()) {
                seats.row(s.viewer().who(), s.reached() ? s.display() : "nothing yet");
            }
        }
        seats.onto(blocks);
        Tables waits =
                Tables.of("What a change takes").words("from", 4).words("to", 4).figures("about", 2);
        for (Build build : judged.job().gear().builds()) {
            for (Changeover way : ChangePages.ways(judged, build)) {
                waits.row(
                        build.title() + ", " + ChangePages.title(build, way.from()),
                        ChangePages.title(build, way.to()),
                        Math.round(way.minutes()) + " min");
            }
        }
        waits.onto(blocks);
    }

    private static void production(Job job, List<Block> blocks) {
        blocks.add(OverviewPages.days(job.brief().dates()).make());
        PullList.Load load = PullList.load(job, PullList.of(job));
        List<CasePlan.PackedCase> cases = CasePlan.of(job).cases();
        Tables sums = Tables.of("What travels").words("", 4).words("", 6);
        sums.row("cases", String.valueOf(cases.size()));
        sums.row(
                "of these, two people lift",
                String.valueOf(
                        cases.stream().filter(CasePlan.PackedCase::forTwo).count()));
        sums.row("mass", (load.unweighed() > 0 ? "at least " : "") + Words.kg(load.grams()));
        job.brief()
                .asks()
                .shoot()
                .insuredValue()
                .ifPresent(v -> sums.row("insured for", String.valueOf(Math.round(v))));
        sums.row("people who fly", String.valueOf(job.brief().asks().shoot().flyers()));
        blocks.add(sums.make());
    }
}
