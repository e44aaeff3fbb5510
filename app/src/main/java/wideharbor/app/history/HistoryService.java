package wideharbor.app.history;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.drawing.DrawingView;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Journal;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Standpoint;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Judged;
import wideharbor.core.drawing.Drawing;
import wideharbor.core.geometry.View;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.sheet.Comparison;

/** Follows the journal back to a state of a build. The kit, the brief and the rules are today's. */
@Service
class HistoryService {
    /** Edits followed back at the most. */
    private static final int MOST = 500;

    private final JobStore store;
    private final Journal journal;
    private final Reports reports;
    private final CheckEngine engine;
    private final Accounts accounts;

    HistoryService(JobStore store, Journal journal, Reports reports, CheckEngine engine, Accounts accounts) {
        this.store = store;
        this.journal = journal;
        this.reports = reports;
        this.engine = engine;
        this.accounts = accounts;
    }

    /**
     * A build as it stood, by today's parts, brief and rules.
     *
     * @param entry after which it stood so; none before the first
     * @param verdict on the whole job, had it stood so
     * @param configurations it was worn in
     * @param lenses of its set
     * @param since what differs from there to what it is compared with
     */
    record AsItWas(
            Optional<Journal.Entry> entry,
            String verdict,
            List<String> configurations,
            List<String> lenses,
            Comparison since) {}

    @Transactional(readOnly = true)
    AsItWas asItWas(Standpoint at, int seq, int against) {
        StoredJob now = store.load(at.job());
        Job then = then(now, at.build(), seq);
        Judged before = reports.anew(then);
        Judged after = against == 0 ? reports.of(now) : engine.judge(then(now, at.build(), against));
        Build build = then.gear().build(at.build());
        return new AsItWas(
                journal.entry(at.job(), at.build(), seq).map(e -> e.by(accounts::displayName)),
                before.verdict().inWords(),
                build.configurations().stream().map(c -> c.title()).toList(),
                build.lenses().stream().map(l -> l.title()).toList(),
                Comparison.of(engine, seen(at, before), seen(at, after)));
    }

    @Transactional(readOnly = true)
    DrawingView drawing(Standpoint at, int seq, View view) {
        Job then = then(store.load(at.job()), at.build(), seq);
        return DrawingView.of(Drawing.of(seen(at, engine.judge(then)), view));
    }

    /** From where somebody stands, or from the first place there was then. */
    private static RigAnalysis seen(Standpoint at, Judged judged) {
        Build build = judged.job().gear().build(at.build());
        boolean worn = build.configuration(at.configuration()).isPresent();
        boolean inSet = build.lens(at.lens()).isPresent();
        return new Standpoint(
                        at.job(),
                        at.build(),
                        worn ? at.configuration() : ConfigurationId.NONE,
                        inSet ? at.lens() : LensId.NONE)
                .in(judged);
    }

    private Job then(StoredJob now, BuildId build, int seq) {
        if (now.job().gear().builds().stream().noneMatch(b -> b.id().equals(build))) {
            throw Refusal.notFound("There is no build '" + build + "' in this job.");
        }
        if (seq > 0 && journal.entry(now.job().id(), build, seq).isEmpty()) {
            throw missing(seq);
        }
        List<List<Scoped>> back = journal.takingBack(now.job().id(), build, seq, MOST)
                .orElseThrow(() -> Refusal.conflict("That is more than " + MOST + " entries back."));
        GearPackage gear = now.job().gear();
        try {
            for (List<Scoped> inverse : back) {
                gear = gear.apply(build, ofBody(inverse), now.job().catalogue()).after();
            }
        } catch (EditRefused | IllegalArgumentException e) {
            throw Refusal.conflict(
                    "Something this state was built of is not on file any more, or was changed: " + e.getMessage());
        }
        return now.job().with(gear);
    }

    private static List<Scoped> ofBody(List<Scoped> edit) {
        return edit.stream()
                .filter(s -> !(s.scope() instanceof Scope.InPackage))
                .toList();
    }

    private static Refusal missing(int seq) {
        return Refusal.notFound("This build has no entry " + seq + " in its history.");
    }

    @Transactional
    Journal.Entry name(String job, BuildId build, int seq, String name, String who) {
        if (!journal.name(job, build, seq, name, who)) {
            throw missing(seq);
        }
        return journal.entry(job, build, seq).orElseThrow().by(accounts::displayName);
    }
}
