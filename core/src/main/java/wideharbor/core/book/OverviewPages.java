package wideharbor.core.book;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Verdict;
import wideharbor.core.geometry.View;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Words;
import wideharbor.core.sheet.Requirements;

/** The job on one page, what it asks, and what is to be known of it. */
final class OverviewPages {
    private OverviewPages() {}

    static Page overview(Judged judged) {
        Job job = judged.job();
        Brief brief = job.brief();
        List<Block> blocks = new ArrayList<>();
        Tables days = days(brief.dates());
        days.row("where", brief.place().isEmpty() ? "not said" : brief.place());
        days.row("climate", Words.one(brief.temperatureC()) + " °C, " + Words.hours(brief.hoursOn()) + " on a day");
        blocks.add(days.make());
        Tables crew = Tables.of("People").words("", 1).words("", 3);
        person(crew, "operator", brief.crew().operator());
        person(crew, "focus", brief.crew().focusPuller());
        person(crew, "technician in charge", brief.crew().lead());
        crew.onto(blocks);
        bodies(judged).onto(blocks);
        Book.first(judged).stream()
                .limit(1)
                .forEach(rig -> blocks.add(new Block.Picture(
                        Book.of(rig), rig.key(), rig.rig().lens(), List.of(View.LEFT, View.FRONT), true)));
        if (!brief.notes().isEmpty()) {
            blocks.add(
                    new Block.Lines("Notes of the brief", brief.notes().lines().toList()));
        }
        return new Page(SheetKind.OVERVIEW, job.title(), judged.verdict().inWords(), blocks);
    }

    private static Tables bodies(Judged judged) {
        Tables bodies = Tables.of("Bodies, as they are worn")
                .words("body", 2)
                .words("worn", 3)
                .words("carried by", 3)
                .figures("mass", 1)
                .words("stands", 2);
        for (RigAnalysis rig : Book.worn(judged)) {
            bodies.row(
                    rig.build().title(),
                    rig.rig().configuration().title(),
                    rig.rig()
                            .find(rig.rig().configuration().support())
                            .map(p -> p.title())
                            .orElse("nothing yet"),
                    Words.kg(rig.lifted().grams()),
                    Verdict.of(judged.of(rig.key()), judged.job()).clear() ? "clear" : "held");
        }
        return bodies;
    }

    private static void person(Tables crew, String does, String name) {
        if (!name.isEmpty()) {
            crew.row(does, name);
        }
    }

    static Page asked(Judged judged) {
        Tables table = Tables.of("")
                .words("asked", 4)
                .words("from", 1)
                .words("stands", 1)
                .words("by", 5);
        for (Requirements.Requirement r : Requirements.of(judged)) {
            table.row(
                    r.text(),
                    r.from(),
                    switch (r.status()) {
                        case MET -> "met";
                        case NOT_MET -> "not met";
                        case UNDECIDED -> "open";
                    },
                    String.join("; ", r.decidedBy()));
        }
        List<Block> blocks = new ArrayList<>();
        table.onto(blocks);
        return new Page(SheetKind.ASKED, SheetKind.ASKED.title(), judged.job().title(), blocks);
    }

    /**
     * What holds it, what somebody has read or waived, and why; each fault once, open as long as it is open anywhere.
     */
    static Page findings(Judged judged) {
        Job job = judged.job();
        List<Finding> told = judged.report().findings().stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .toList();
        Set<String> titles = new HashSet<>();
        Tables open = Tables.of("Open").words("", 1).words("what", 5).words("why", 6);
        told.stream()
                .filter(f -> Verdict.isOpen(f, job) && titles.add(f.title()))
                .forEach(f -> open.row(f.severity().name().toLowerCase(Locale.ROOT), f.title(), f.why()));
        Tables waived = Tables.of("Waived by a lead").words("what", 5).words("reason", 6);
        told.stream()
                .filter(f -> Verdict.isWaived(f, job.waivers()) && titles.add(f.title()))
                .forEach(f -> waived.row(f.title(), reason(f, job)));
        Tables read = Tables.of("Read").words("what", 5).words("why", 6);
        told.stream().filter(f -> titles.add(f.title())).forEach(f -> read.row(f.title(), f.why()));
        List<Block> blocks = new ArrayList<>();
        open.onto(blocks);
        read.onto(blocks);
        waived.onto(blocks);
        return new Page(SheetKind.FINDINGS, SheetKind.FINDINGS.title(), job.title(), blocks);
    }

    private static String reason(Finding finding, Job job) {
        return job.waivers().stream()
                .filter(w -> w.finding().equals(finding.key()))
                .findFirst()
                .map(Job.Waiver::reason)
                .orElse("");
    }

    /** From prep to return. */
    static Tables days(Brief.Dates dates) {
        return Tables.of("The days")
                .words("", 1)
                .words("", 3)
                .row("prep", dates.prep().toString())
                .row("loads out", dates.load().toString().replace('T', ' '))
                .row("first day of shooting", dates.shoot().toString())
                .row("back", dates.back().toString());
    }
}
