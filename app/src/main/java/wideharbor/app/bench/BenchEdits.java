package wideharbor.app.bench;

import java.util.List;
import java.util.function.Function;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.Checked;
import wideharbor.app.job.JobService;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Loaded;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.app.web.Stale;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scoped;
import wideharbor.core.edit.EditRequest;
import wideharbor.core.edit.Prepared;
import wideharbor.core.job.ConfigurationKey;

/** Edits, undo and redo: each in one transaction under the job's lock, each an entry of the journal. */
@Service
class BenchEdits {
    private final JobStore store;
    private final Journal journal;
    private final Checked checked;
    private final BenchAssembler assembler;
    private final Accounts accounts;
    private final Occasions occasions;

    BenchEdits(
            JobStore store,
            Journal journal,
            Checked checked,
            BenchAssembler assembler,
            Accounts accounts,
            Occasions occasions) {
        this.store = store;
        this.journal = journal;
        this.checked = checked;
        this.assembler = assembler;
        this.accounts = accounts;
        this.occasions = occasions;
    }

    /** What somebody wants done; {@code only}: in the configuration looked at, and in no other. */
    record Asked(EditRequest request, boolean only) {}

    private Prepared prepared(Loaded loaded, RigAnalysis analysis, Asked asked, String who) {
        Prepared prepared = asked.request().prepare(analysis, occasions.of(loaded, analysis, who));
        return asked.only() ? prepared.hereOnly(analysis) : prepared;
    }

    /** What stands after an edit, and where to look now: another configuration when the edit made or took one out. */
    record Done(Spot spot, Loaded loaded) {}

    @Transactional
    Done edit(Spot spot, int revision, Asked asked, String who) {
        Seen seen = lock(spot, revision);
        Loaded loaded = seen.loaded();
        Prepared reading = prepared(loaded, seen.analysis(), asked, who);
        Loaded after = apply(loaded, spot, Journal.Kind.EDIT, 0, who, reading.summary(), reading.commands());
        Spot show = reading.show().isEmpty() ? spot : new Spot(spot.job(), spot.build(), reading.show(), spot.lens());
        return new Done(show, after);
    }

    /** What an edit would come to in the configuration looked at: the Bench as it would stand there, nothing stored. */
    @Transactional(readOnly = true)
    BenchViews.Bench trial(Spot spot, int revision, Asked asked, String who) {
        Seen seen = seen(store.load(spot.job()), spot, revision);
        Loaded loaded = seen.loaded();
        RigAnalysis analysis = seen.analysis();
        Prepared reading = prepared(loaded, analysis, asked, who);
        GearPackage after = loaded.job()
                .gear()
                .apply(spot.build(), reading.commands(), loaded.job().catalogue())
                .after();
        Loaded then = loaded.with(loaded.job().with(after));
        return assembler.bench(
                then,
                BenchService.analysis(then, spot),
                checked.foresee(
                        loaded,
                        after,
                        new ConfigurationKey(
                                spot.build(), analysis.rig().configuration().id())),
                Checked.Fixes.NOT_TRIED,
                journal.ends(spot.job(), spot.build()));
    }

    @Transactional
    Done undo(Spot spot, int revision, boolean anyway, String who) {
        Loaded loaded = lock(spot, revision).loaded();
        Journal.Step step = journal.ends(spot.job(), spot.build())
                .undo()
                .orElseThrow(() -> Refusal.conflict("There is nothing to undo."));
        if (!step.who().equals(who) && !anyway) {
            throw Refusal.conflict("The last edit is " + accounts.displayName(step.who()) + "'s: " + step.summary()
                    + ". Undo it all the same?");
        }
        return replay(loaded, spot, step, Journal.Kind.UNDO, who, "Undo: " + step.summary(), Journal.Edit::inverse);
    }

    @Transactional
    Done redo(Spot spot, int revision, String who) {
        Loaded loaded = lock(spot, revision).loaded();
        Journal.Step step = journal.ends(spot.job(), spot.build())
                .redo()
                .orElseThrow(() -> Refusal.conflict("There is nothing to redo."));
        return replay(loaded, spot, step, Journal.Kind.REDO, who, "Redo: " + step.summary(), Journal.Edit::commands);
    }

    private Done replay(
            Loaded loaded,
            Spot spot,
            Journal.Step step,
            Journal.Kind kind,
            String who,
            String summary,
            Function<Journal.Edit, List<Scoped>> which) {
        List<Scoped> commands = which.apply(journal.edit(spot.job(), spot.build(), step.seq()));
        return new Done(spot, apply(loaded, spot, kind, step.seq(), who, summary, commands));
    }

    private record Seen(Loaded loaded, RigAnalysis analysis) {}

    private Seen lock(Spot spot, int revision) {
        return seen(store.lock(spot.job()), spot, revision);
    }

    /** Refuses what was meant for another state than the one that stands. */
    private Seen seen(Loaded loaded, Spot spot, int revision) {
        JobService.requireOpen(loaded);
        RigAnalysis analysis = BenchService.analysis(loaded, spot);
        if (loaded.buildRevision(spot.build()) != revision) {
            throw new Stale(
                    "This build was changed meanwhile: you saw revision " + revision + ", it is at "
                            + loaded.buildRevision(spot.build()) + ". Nothing was overwritten.",
                    assembler.bench(
                            loaded,
                            analysis,
                            checked.compute(loaded),
                            Checked.Fixes.NOT_TRIED,
                            journal.ends(spot.job(), spot.build())));
        }
        return new Seen(loaded, analysis);
    }

    private Loaded apply(
            Loaded loaded, Spot spot, Journal.Kind kind, int ofSeq, String who, String summary, List<Scoped> commands) {
        GearPackage.Applied applied =
                loaded.job().gear().apply(spot.build(), commands, loaded.job().catalogue());
        journal.append(
                spot.job(),
                spot.build(),
                kind,
                ofSeq,
                who,
                summary,
                new Journal.Edit(commands, applied.inverse()),
                loaded.buildRevision(spot.build()));
        return store.saveGear(loaded, spot.build(), applied.after());
    }
}
