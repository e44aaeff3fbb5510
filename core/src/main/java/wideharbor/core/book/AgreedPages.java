package wideharbor.core.book;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.Preference;
import wideharbor.core.brief.Preferences;
import wideharbor.core.brief.Profile;
import wideharbor.core.brief.Shoot;
import wideharbor.core.check.Judged;
import wideharbor.core.quantity.Words;
import wideharbor.core.sheet.SignalSheet;

/** What people have agreed on, and what is set in the body's menus. */
final class AgreedPages {
    private AgreedPages() {}

    static Page agreed(Judged judged) {
        Brief brief = judged.job().brief();
        List<Block> blocks = new ArrayList<>();
        blocks.add(people(brief).make());
        ways(judged.job().rules().ways()).onto(blocks);
        blocks.add(new Block.Fields(
                "Agreed before the day",
                List.of(
                        new Block.Field("which side the wheel is on", ""),
                        new Block.Field("who plugs a cable into a body that is live", "nobody"),
                        new Block.Field("who powers up, who powers down", ""),
                        new Block.Field("who takes a card out, who says that it is free", ""),
                        new Block.Field("who changes a battery, and when", "")),
                List.of("operator", "focus", "technician")));
        return new Page(SheetKind.AGREED, SheetKind.AGREED.title(), judged.job().title(), blocks);
    }

    private static Tables people(Brief brief) {
        Tables people = Tables.of("Sides and hands").words("", 4).words("", 8);
        Brief.Crew crew = brief.crew();
        people.row("shoulder", word(crew.shoulder()));
        people.row("eye", word(crew.eye()));
        Profile profile = crew.profile();
        people.row("hand that starts and stops", word(profile.hand()));
        if (profile.screen() != Profile.Screen.ANY) {
            people.row("screen", word(profile.screen()));
        }
        if (profile.grips() != Profile.Grips.ANY) {
            people.row("grips", word(profile.grips()));
        }
        profile.heightMm().ifPresent(h -> people.row("operator's height", Words.length(h)));
        people.row("who pulls focus", focus(brief.asks().shoot().focus()));
        return people;
    }

    private static Tables ways(Preferences all) {
        Tables ways = Tables.of("Ways of working that somebody chose")
                .words("", 6)
                .words("", 5)
                .words("whose", 2)
                .words("because", 8);
        for (Preference way : Preferences.ALL) {
            Preferences.Chosen chosen = all.chosen(way);
            if (chosen.from() != Preferences.From.PRODUCT) {
                ways.row(
                        way.question(),
                        chosen.option().title(),
                        chosen.from().name().toLowerCase(Locale.ROOT),
                        chosen.option().reason());
            }
        }
        return ways;
    }

    private static String word(Enum<?> side) {
        return side.name().toLowerCase(Locale.ROOT);
    }

    private static String focus(Shoot.Focus focus) {
        return switch (focus) {
            case UNSAID -> "not said";
            case AT_LENS -> "an assistant at the lens";
            case REMOTE -> "an assistant at a distance";
            case OPERATOR -> "the operator";
            case CAMERA -> "the camera itself";
        };
    }

    /** What is known of the menus stands there; the rest is filled in, and two people put their names to it. */
    static Page settings(RigAnalysis analysis) {
        List<Block.Field> fields = new ArrayList<>();
        fields.add(new Block.Field(
                "body", analysis.rig().title(analysis.rig().content().root())));
        fields.add(new Block.Field(
                "piece",
                analysis.rig()
                        .content()
                        .placement(analysis.rig().content().root())
                        .map(p -> p.piece())
                        .orElse("")));
        fields.add(new Block.Field("version of its program", ""));
        recordings(analysis, fields);
        for (String asked : List.of(
                "shutter angle or time",
                "base sensitivity",
                "white balance",
                "colour space and curve",
                "picture area and frame lines",
                "letter and first roll",
                "file naming, date and time zone",
                "time code: source, rate, free run",
                "user buttons",
                "fan while recording",
                "warning of low volts at")) {
            fields.add(new Block.Field(asked, ""));
        }
        looks(analysis, fields);
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Fields("", fields, List.of("set by", "checked by")));
        return new Page(
                SheetKind.SETTINGS, SheetKind.SETTINGS.title(), analysis.build().title(), blocks);
    }

    private static void recordings(RigAnalysis analysis, List<Block.Field> fields) {
        List<Shoot.Recording> recordings = analysis.job().brief().asks().shoot().recordings().stream()
                .filter(r -> r.isFor(analysis.build().id()))
                .toList();
        for (Shoot.Recording r : recordings) {
            fields.add(new Block.Field(
                    "records",
                    r.mode() + ", " + Math.round(r.megabits()) + " Mbit/s"
                            + r.fps()
                                    .map(f -> ", " + Words.one(f) + " frames/s")
                                    .orElse(", frames not said")));
        }
    }

    private static void looks(RigAnalysis analysis, List<Block.Field> fields) {
        SignalSheet signal = SignalSheet.of(analysis);
        for (SignalSheet.SwitchRow s : signal.switches()) {
            if (s.box().equals(analysis.rig().title(analysis.rig().content().root()))) {
                fields.add(new Block.Field(
                        "look at " + s.socket(), s.lookKey().isEmpty() ? "has none" : s.look() ? "on" : "off"));
            }
        }
    }
}
