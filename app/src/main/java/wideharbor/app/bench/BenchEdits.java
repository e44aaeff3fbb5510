package wideharbor.app.bench;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.app.stock.Weighings;
import wideharbor.app.web.Refusal;
import wideharbor.app.web.Stale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Scoped;
import wideharbor.core.check.Judged;
import wideharbor.core.edit.EditRequest;
import wideharbor.core.edit.FigureRequest;
import wideharbor.core.edit.Prepared;
import wideharbor.core.job.ConfigurationKey;

/** Edits, undo and redo: each in one transaction under the job's lock, each an entry of the journal. */
@Service
class BenchEdits {
    private final JobStore store;
    private final Journal journal;
    private final JobChanges changes;
    private final Reports reports;
    private final BenchAssembler assembler;
    private final Accounts accounts;
    private final Occasions occasions;
    private final Weighings weighings;

    BenchEdits(
            JobStore store,
            Journal journal,
            JobChanges changes,
            Reports reports,
            BenchAssembler assembler,
            Accounts accounts,
            Occasions occasions,
            Weighings weighings) {
        this.weighings = weighings;
        this.store = store;
        this.journal = journal;
        this.changes = changes;
        this.reports = reports;
        this.assembler = assembler;
        this.accounts = accounts;
        this.occasions = occasions;
    }

    /** What somebody wants done; {@code only}: in the configuration looked at, and in no other. */
    record Asked(EditRequest request, boolean only) {}

    private Prepared prepared(StoredJob loaded, RigAnalysis analysis, Asked asked, String who) {
        Prepared prepared = asked.request().prepare(analysis, occasions.of(loaded, analysis, who));
        return asked.only() ? prepared.hereOnly(analysis) : prepared;
    }

    /** What stands after an edit, and where to look now: another configuration when the edit made or took one out. */
    record Done(Standpoint at, StoredJob stored) {}

    @Transactional
    Done edit(Standpoint at, int revision, Asked asked, String who) {
        Seen seen = lock(at, revision);
        StoredJob loaded = seen.loaded();
        Prepared reading = prepared(loaded, seen.analysis(), asked, who);
        StoredJob after = apply(
                loaded,
                at,
                Journal.Deed.edit(who, reading.summary(), asked.request().reason()),
                reading.commands());
        if (asked.request() instanceof FigureRequest.Weigh weigh) {
            ofThePiece(seen.analysis(), weigh, who);
        }
        Standpoint show = reading.show().isNone() ? at : at.at(reading.show());
        return new Done(show, after);
    }

    /** What a part weighs is known of the piece that it is, in every other rig too. */
    private void ofThePiece(RigAnalysis analysis, FigureRequest.Weigh weigh, String who) {
        analysis.rig()
                .content()
                .placement(weigh.placement())
                .map(Placement::piece)
                .filter(code -> !code.isEmpty())
                .ifPresent(code -> weighings.atTheBench(
                        code, weigh.grams(), who, analysis.job().id()));
    }

    /** What an edit would come to in the configuration looked at: the Bench as it would stand there, nothing stored. */
    BenchViews.Bench trial(Standpoint at, int revision, Asked asked, String who) {
        Seen seen = seen(store.load(at.job()), at, revision);
        StoredJob loaded = seen.loaded();
        Prepared reading = prepared(loaded, seen.analysis(), asked, who);
        GearPackage after = loaded.job()
                .gear()
                .apply(at.build(), reading.commands(), loaded.job().catalogue())
                .after();
        ConfigurationKey here = seen.analysis().key();
        Judged then = reports.foresee(loaded, after, here);
        return assembler.bench(
                loaded.with(then.job()),
                at.in(then),
                reports.foretold(loaded, then, here),
                journal.ends(at.job(), at.build()));
    }

    @Transactional
    Done undo(Standpoint at, int revision, boolean anyway, String who) {
        StoredJob loaded = lock(at, revision).loaded();
        Journal.Step step = journal.ends(at.job(), at.build())
                .undo()
                .orElseThrow(() -> Refusal.conflict("There is nothing to undo."));
        if (!step.who().equals(who) && !anyway) {
            throw Refusal.conflict("The last edit is " + accounts.displayName(step.who()) + "'s: " + step.summary()
                    + ". Undo it all the same?");
        }
        return new Done(
                at,
                apply(loaded, at, Journal.Deed.undo(step, who), edit(at, step).inverse()));
    }

    /** Steps that are taken back in one go at the most: each is judged by itself. */
    private static final int MOST_STEPS = 40;

    /** Takes back everything since before an entry, each step as an undo of its own, so that it can be done again. */
    @Transactional
    Done back(Standpoint at, int revision, int seq, String who) {
        StoredJob loaded = lock(at, revision).loaded();
        int steps = 0;
        Optional<Journal.Step> step = journal.ends(at.job(), at.build()).undo();
        while (step.filter(s -> s.seq() >= seq).isPresent()) {
            if (++steps > MOST_STEPS) {
                throw Refusal.conflict("That is more than " + MOST_STEPS
                        + " steps back. Go back to a later entry first, or make a job after this one.");
            }
            Journal.Step last = step.get();
            loaded = apply(
                    loaded, at, Journal.Deed.undo(last, who), edit(at, last).inverse());
            step = journal.ends(at.job(), at.build()).undo();
        }
        if (steps == 0) {
            throw Refusal.conflict("That is taken back already.");
        }
        return new Done(at, loaded);
    }

    @Transactional
    Done redo(Standpoint at, int revision, String who) {
        StoredJob loaded = lock(at, revision).loaded();
        Journal.Step step = journal.ends(at.job(), at.build())
                .redo()
                .orElseThrow(() -> Refusal.conflict("There is nothing to redo."));
        return new Done(
                at,
                apply(loaded, at, Journal.Deed.redo(step, who), edit(at, step).commands()));
    }

    private Journal.Edit edit(Standpoint at, Journal.Step step) {
        return journal.edit(at.job(), at.build(), step.seq());
    }

    private record Seen(StoredJob loaded, RigAnalysis analysis) {}

    private Seen lock(Standpoint at, int revision) {
        return seen(changes.lock(at.job()), at, revision);
    }

    /** Refuses what was meant for another state than the one that stands. */
    private Seen seen(StoredJob loaded, Standpoint at, int revision) {
        JobService.requireOpen(loaded);
        Judged judged = reports.of(loaded);
        RigAnalysis analysis = at.in(judged);
        if (loaded.buildRevision(at.build()) != revision) {
            throw new Stale(
                    "This build was changed meanwhile: you saw revision " + revision + ", it is at "
                            + loaded.buildRevision(at.build()) + ". Nothing was overwritten.",
                    assembler.bench(loaded, analysis, Reports.Told.of(judged), journal.ends(at.job(), at.build())));
        }
        return new Seen(loaded, analysis);
    }

    private StoredJob apply(StoredJob loaded, Standpoint at, Journal.Deed deed, List<Scoped> commands) {
        GearPackage.Applied applied =
                loaded.job().gear().apply(at.build(), commands, loaded.job().catalogue());
        journal.append(loaded, at.build(), deed, new Journal.Edit(commands, applied.inverse()));
        return changes.changeGear(loaded, at.build(), applied.after());
    }
}
