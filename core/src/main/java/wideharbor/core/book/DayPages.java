package wideharbor.core.book;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.DayBlock;
import wideharbor.core.job.Job;
import wideharbor.core.media.MediaDay;
import wideharbor.core.media.Roll;
import wideharbor.core.quantity.Ranged;
import wideharbor.core.quantity.Words;
import wideharbor.core.sheet.MediaSheet;
import wideharbor.core.sheet.PowerSheet;

/** Power and cards through the day. */
final class DayPages {
    private DayPages() {}

    static Page power(RigAnalysis analysis) {
        PowerSheet sheet = PowerSheet.of(analysis, PowerSheet.Change.NONE);
        List<Block> blocks = new ArrayList<>();
        Tables plates = plates(sheet);
        plates.onto(blocks);
        if (plates.isEmpty()) {
            return new Page(SheetKind.POWER, SheetKind.POWER.title(), Book.of(analysis), List.of());
        }
        changes(sheet).onto(blocks);
        day(sheet).onto(blocks);
        flown(sheet).onto(blocks);
        blocks.add(new Block.Lines(
                "",
                List.of("Lithium cells: none damaged, terminals covered, charged in sight; mains "
                        + "work by licensed people.")));
        return new Page(SheetKind.POWER, SheetKind.POWER.title(), Book.of(analysis), blocks);
    }

    private static Tables plates(PowerSheet sheet) {
        Tables plates = Tables.of("Batteries")
                .words("battery", 5)
                .figures("running", 2)
                .figures("at hand", 1)
                .figures("a day takes", 1)
                .words("through a change", 5)
                .words("nothing left for", 2);
        for (PowerSheet.PlateDay p : sheet.plates()) {
            plates.row(
                    p.plate().isEmpty() ? p.battery() : p.battery() + " on " + p.plate(),
                    p.unknown().isEmpty()
                            ? Words.watts(p.runningWatts()) + (p.drawnCounts() ? ", measured" : "")
                            : "not on file",
                    String.valueOf(p.atHand()),
                    p.now().isPresent() ? String.valueOf(p.needed()) : "not known",
                    p.keepsOn().inWords(),
                    p.now()
                            .map(d -> d.darkHours() > 0.005 ? Words.hours(d.darkHours()) : "never")
                            .orElse("not known"));
        }
        return plates;
    }

    private static Tables flown(PowerSheet sheet) {
        Tables flown = Tables.of("By air, as the usual rule says; the carrier decides")
                .words("battery", 5)
                .figures("each", 2)
                .figures("count", 1)
                .words("rule", 9);
        sheet.flown()
                .forEach(f -> flown.row(
                        f.battery(), Math.round(f.wattHours()) + " Wh", String.valueOf(f.count()), f.words()));
        return flown;
    }

    private static Tables changes(PowerSheet sheet) {
        Tables table = Tables.of("When a battery is changed")
                .words("plate", 5)
                .words("after", 2)
                .words("meanwhile", 6);
        for (PowerSheet.PlateDay p : sheet.plates()) {
            p.now()
                    .ifPresent(day -> day.swaps()
                            .forEach(s -> table.row(
                                    p.plate().isEmpty() ? p.battery() : p.plate(),
                                    Words.hours(s.hour()),
                                    s.interrupting()
                                            ? "goes off: " + Math.round(p.bootSeconds()) + " s until all is there again"
                                            : "stays on")));
        }
        return table;
    }

    private static Tables day(PowerSheet sheet) {
        Tables table = Tables.of("The day")
                .words("", 4)
                .words("rig", 2)
                .figures("for", 2)
                .figures("climate", 2)
                .words("mains", 2);
        for (DayBlock b : sheet.day()) {
            table.row(
                    b.what(),
                    switch (b.state()) {
                        case ON -> "on";
                        case STANDBY -> "standby";
                        case OFF -> "off";
                    },
                    Words.hours(b.hours()),
                    Words.one(b.celsius()) + " °C",
                    b.mains() ? "yes" : "no");
        }
        return table;
    }

    static Page media(Job job) {
        List<Block> blocks = new ArrayList<>();
        MediaSheet.of(job, MediaDay.Tried.NOTHING).ifPresent(sheet -> media(sheet, blocks));
        return new Page(SheetKind.MEDIA, SheetKind.MEDIA.title(), job.title(), blocks);
    }

    private static void media(MediaSheet sheet, List<Block> blocks) {
        Tables bodies = Tables.of("Recorded a day")
                .words("body", 4)
                .words("mode", 5)
                .figures("frames", 2)
                .figures("GB", 3);
        sheet.bodies()
                .forEach(b -> bodies.row(
                        b.title(),
                        b.mode().isEmpty() ? "as the brief says" : b.mode(),
                        b.fps().map(Words::one).orElse("not said"),
                        ranged(b.gigabytes())));
        bodies.onto(blocks);
        cards(sheet).onto(blocks);
        rolls(sheet).onto(blocks);
        blocks.add(new Block.Lines(
                "",
                List.of(
                        sheet.copies()
                                + " copies of each. No card is recorded over before somebody says that it is free.",
                        "All days together " + ranged(sheet.gigabytes()) + " GB on " + sheet.days() + " days.")));
    }

    private static Tables rolls(MediaSheet sheet) {
        Tables rolls = Tables.of("Rolls, as the middle of the day goes; minutes from call")
                .words("roll", 2)
                .words("card", 4)
                .figures("in", 1)
                .figures("out", 1)
                .figures("read from", 1)
                .figures("copied", 1)
                .figures("free", 1)
                .words("done", 1);
        for (Roll r : sheet.rolls()) {
            rolls.row(
                    r.name() + (r.second() ? ", second slot" : ""),
                    r.card(),
                    minute(r.fromMinute()),
                    minute(r.outMinute()),
                    minute(r.readMinute()),
                    minute(r.copiedMinute()),
                    minute(r.freeMinute()),
                    "☐");
        }
        return rolls;
    }

    static Tables cards(MediaSheet sheet) {
        Tables table = Tables.of("Cards").words("card", 5).words("kind", 3).figures("packed", 1);
        sheet.cards().forEach(c -> table.row(c.name(), c.kind(), String.valueOf(c.count())));
        return table;
    }

    private static String minute(double minute) {
        return Double.isFinite(minute) ? String.valueOf(Math.round(minute)) : "not in time";
    }

    private static String ranged(Ranged r) {
        String middle = String.valueOf(Math.round(r.value()));
        return r.range().from() == r.range().to()
                ? middle
                : middle + " (" + Math.round(r.range().from()) + " to "
                        + Math.round(r.range().to()) + ")";
    }
}
