package wideharbor.app.dispatch;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.Brought;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.Signatures;
import wideharbor.app.job.StoredJob;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Verdict;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.dispatch.FastenerList;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Handover;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Progress;
import wideharbor.core.quantity.Words;
import wideharbor.core.tool.ToolList;
import wideharbor.format.PackingListCsv;
import wideharbor.format.PullListCsv;

/** Moves a job along its stages; the core's gate says what may happen. */
@Service
public class DispatchService {
    private final JobStore store;
    private final JobChanges changes;
    private final Signatures signatures;
    private final Reports reports;
    private final Brought brought;
    private final Accounts accounts;
    private final Progresses progresses;
    private final Seals seals;
    private final HandoverRows handovers;
    private final Clock clock;

    DispatchService(
            JobStore store,
            JobChanges changes,
            Signatures signatures,
            Reports reports,
            Brought brought,
            Accounts accounts,
            Progresses progresses,
            Seals seals,
            HandoverRows handovers,
            Clock clock) {
        this.progresses = progresses;
        this.seals = seals;
        this.handovers = handovers;
        this.clock = clock;
        this.store = store;
        this.changes = changes;
        this.signatures = signatures;
        this.reports = reports;
        this.brought = brought;
        this.accounts = accounts;
    }

    @Transactional(readOnly = true)
    DispatchController.Dispatch view(String id, String who) {
        StoredJob loaded = store.load(id);
        Judged judged = reports.of(loaded);
        List<Signatures.Signature> signed = signatures.of(loaded);
        List<String> names = signed.stream().map(Signatures.Signature::who).toList();
        Optional<Seals.State> seal = seals.of(loaded, signed);
        Optional<String> broken = Gate.whyBroken(changed(seal));
        Verdict verdict = judged.verdict();
        List<PullList.Line> lines = PullList.of(loaded.job());
        PullList.Load load = PullList.load(loaded.job(), lines);
        CasePlan plan = CasePlan.of(loaded.job());
        Progresses.All far = progresses.of(loaded, judged, lines);
        return new DispatchController.Dispatch(
                id,
                loaded.job().title(),
                loaded.revision(),
                loaded.stage(),
                store.stageNote(id),
                done(far.steps()),
                done(far.tests()),
                far.failedTests(),
                done(far.packed()),
                far.cases(),
                done(far.returned()),
                verdict.clear(),
                verdict.inWords(),
                heldBy(judged),
                signed.stream()
                        .map(s -> new DispatchController.Signed(accounts.displayName(s.who()), s.when()))
                        .toList(),
                Gate.whyNotBuilt(loaded.stage(), far.steps()).orElse(""),
                Gate.whyNotChecked(loaded.stage(), far.tests()).orElse(""),
                Gate.whyNotSign(
                                loaded.stage(),
                                verdict,
                                far.tests(),
                                brought.own(id).count(),
                                names,
                                who)
                        .or(() -> broken)
                        .orElse(""),
                Gate.whyNotPacked(loaded.stage(), far.packed()).or(() -> broken).orElse(""),
                Gate.whyNotDispatch(loaded.stage(), verdict, far.packed())
                        .or(() -> broken)
                        .orElse(""),
                Gate.whyNotReconciled(loaded.stage(), far.returned())
                        .or(() -> broken)
                        .orElse(""),
                Gate.whyNotOpenedAgain(loaded.stage(), signed.size()).orElse(""),
                seal.map(s -> new DispatchController.Seal(s.seal(), s.papers(), s.changed())),
                handovers
                        .findById(new HandoverRow.Key(id, loaded.revision()))
                        .map(h -> new DispatchController.HandedOver(
                                h.handover().to(), h.handover().drawn(), accounts.displayName(h.who()), h.at())),
                lines.stream().map(DispatchService::line).toList(),
                FastenerList.of(judged.analyses()).stream()
                        .map(DispatchService::screws)
                        .toList(),
                cases(plan),
                plan.loose().stream().map(DispatchService::packed).toList(),
                loaded.job().brief().asks().shoot().insuredValue(),
                load.grams(),
                load.unweighed(),
                load.forTwo(),
                load.liftGrams());
    }

    private static DispatchController.Done done(Progress progress) {
        return new DispatchController.Done(progress.done(), progress.of());
    }

    private static List<DispatchController.CaseView> cases(CasePlan plan) {
        List<DispatchController.CaseView> all = new ArrayList<>();
        for (CasePlan.PackedCase c : plan.cases()) {
            all.add(new DispatchController.CaseView(
                    all.size() + 1,
                    c.type().name(),
                    c.inKit(),
                    c.contents().stream().map(DispatchService::packed).toList(),
                    c.grams(),
                    c.fill(),
                    c.unweighed(),
                    c.forTwo()));
        }
        return all;
    }

    private static DispatchController.PackedView packed(CasePlan.Packed p) {
        return new DispatchController.PackedView(
                p.type().ref().toString(), p.type().name(), p.type().category().name(), p.pieces());
    }

    private static DispatchController.Screws screws(ToolList.Fastener f) {
        return new DispatchController.Screws(
                f.thread(),
                f.count(),
                f.captive(),
                f.keys(),
                f.held().entrySet().stream()
                        .map(e -> e.getKey() + " in " + e.getValue())
                        .toList(),
                f.near(),
                f.where());
    }

    private static List<String> heldBy(Judged judged) {
        return judged.report().findings().stream()
                .filter(f -> f.severity() != Severity.NOTE && Verdict.isOpen(f, judged.job()))
                .map(Finding::title)
                .distinct()
                .toList();
    }

    private static DispatchController.Line line(PullList.Line line) {
        boolean known = line.eachGrams() instanceof Figure.Known;
        double each = line.eachGrams() instanceof Figure.Known k ? k.value() : 0;
        return new DispatchController.Line(
                line.type().ref().toString(),
                line.type().category().name(),
                line.type().maker(),
                line.type().name(),
                line.onRig(),
                line.inKit(),
                line.pieces(),
                each,
                each * line.pieces(),
                known,
                line.serves());
    }

    @Transactional(readOnly = true)
    String csv(String id) {
        return PullListCsv.write(PullList.of(store.load(id).job()));
    }

    @Transactional(readOnly = true)
    String packingCsv(String id) {
        return PackingListCsv.write(CasePlan.of(store.load(id).job()));
    }

    @Transactional
    public void built(String id) {
        StoredJob loaded = changes.lock(id);
        refuse(Gate.whyNotBuilt(
                loaded.stage(), progresses.steps(reports.of(loaded).analyses())));
        changes.moveTo(loaded, Gate.Stage.BUILT);
    }

    @Transactional
    public void checked(String id) {
        StoredJob loaded = changes.lock(id);
        refuse(Gate.whyNotChecked(
                loaded.stage(), progresses.tests(reports.of(loaded).analyses())));
        changes.moveTo(loaded, Gate.Stage.CHECKED);
    }

    @Transactional
    public void packed(String id) {
        StoredJob loaded = changes.lock(id);
        refuse(Gate.whyNotPacked(loaded.stage(), progresses.packed(loaded.job()))
                .or(() -> broken(loaded)));
        changes.moveTo(loaded, Gate.Stage.PACKED);
    }

    @Transactional
    public void reconciled(String id) {
        StoredJob loaded = changes.lock(id);
        refuse(Gate.whyNotReconciled(loaded.stage(), progresses.returned(loaded.job()))
                .or(() -> broken(loaded)));
        changes.moveTo(loaded, Gate.Stage.RECONCILED);
    }

    @Transactional
    public void sign(String id, String who) {
        StoredJob loaded = changes.lock(id);
        List<String> names = new ArrayList<>(
                signatures.of(loaded).stream().map(Signatures.Signature::who).toList());
        Judged judged = reports.of(loaded);
        refuse(Gate.whyNotSign(
                        loaded.stage(),
                        judged.verdict(),
                        progresses.tests(judged.analyses()),
                        brought.own(id).count(),
                        names,
                        who)
                .or(() -> broken(loaded)));
        signatures.sign(loaded, who, seals.seal(loaded, view(id, who)));
        names.add(who);
        changes.moveTo(loaded, Gate.afterSignature(names));
    }

    @Transactional
    public void leave(String id, DispatchController.HandOver given, String who) {
        StoredJob loaded = changes.lock(id);
        refuse(Gate.whyNotDispatch(loaded.stage(), reports.of(loaded).verdict(), progresses.packed(loaded.job()))
                .or(() -> broken(loaded)));
        handovers.save(new HandoverRow(
                new HandoverRow.Key(id, loaded.revision()),
                handover(given),
                who,
                clock.instant().truncatedTo(ChronoUnit.MICROS)));
        changes.moveTo(loaded, Gate.Stage.DISPATCHED);
    }

    @Transactional
    void recall(String id) {
        StoredJob loaded = changes.lock(id);
        refuse(Gate.whyNotOpenedAgain(loaded.stage(), signatures.of(loaded).size()));
        changes.recall(loaded);
    }

    private static Handover handover(DispatchController.HandOver given) {
        try {
            return new Handover(given.to().strip(), given.drawn());
        } catch (IllegalArgumentException e) {
            throw new Refusal(HttpStatus.BAD_REQUEST, Words.reason(e) + ".");
        }
    }

    /** A paper as it was signed. */
    @Transactional(readOnly = true)
    byte[] signed(String id, String name) {
        return seals.paper(store.load(id), name)
                .orElseThrow(() -> Refusal.notFound("No paper '" + name + "' was signed with this revision."));
    }

    private Optional<String> broken(StoredJob loaded) {
        return Gate.whyBroken(changed(seals.of(loaded, signatures.of(loaded))));
    }

    private static List<String> changed(Optional<Seals.State> seal) {
        return seal.map(Seals.State::changed).orElse(List.of());
    }

    private static void refuse(Optional<String> why) {
        why.ifPresent(w -> {
            throw Refusal.conflict(w);
        });
    }
}
