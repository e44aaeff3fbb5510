package wideharbor.app.packing;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobChanges;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.StoredJob;
import wideharbor.app.live.Happened;
import wideharbor.app.security.Accounts;
import wideharbor.app.stock.Moves;
import wideharbor.app.stock.Pieces;
import wideharbor.app.web.Refusal;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Move;
import wideharbor.core.dispatch.Packed;
import wideharbor.core.dispatch.PackedCases;
import wideharbor.core.dispatch.PullList;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Words;
import wideharbor.core.stock.Piece;

/** Counts what is scanned; the core says what can be. */
@Service
public class PackingService {
    private final JobStore store;
    private final JobChanges changes;
    private final Moves moves;
    private final Pieces pieces;
    private final Accounts accounts;
    private final Happened happened;
    private final Clock clock;

    PackingService(
            JobStore store,
            JobChanges changes,
            Moves moves,
            Pieces pieces,
            Accounts accounts,
            Happened happened,
            Clock clock) {
        this.clock = clock;
        this.store = store;
        this.changes = changes;
        this.moves = moves;
        this.pieces = pieces;
        this.accounts = accounts;
        this.happened = happened;
    }

    @Transactional(readOnly = true)
    public PackingViews.PackSheet sheet(String id, List<PackingViews.Refused> refused) {
        StoredJob stored = store.load(id);
        Job job = stored.job();
        Packed packed = Packed.of(PullList.of(job), moves.of(id));
        List<Packed.Line> lines = packed.lines();
        Set<String> toldApart =
                pieces.toldApart(lines.stream().map(Packed.Line::type).toList());
        Map<String, Piece> known =
                pieces.of(lines.stream().flatMap(l -> l.codes().stream()).toList());
        return PackingViews.PackSheet.of(
                stored,
                packed,
                PackedCases.of(job, CasePlan.of(job), packed, known),
                toldApart,
                refused,
                accounts::displayName);
    }

    /** When it loads out, as a label says it. */
    @Transactional(readOnly = true)
    String loadsOut(String id) {
        return store.load(id).job().brief().dates().load().toString().replace('T', ' ');
    }

    /** Scans that are known already are passed over, also when the same one comes twice at once. */
    @Transactional
    public List<PackingViews.Refused> scan(String id, List<PackingController.Scan> scans, String who) {
        StoredJob stored = changes.lock(id);
        List<PullList.Line> list = PullList.of(stored.job());
        List<Move> before = moves.of(id);
        Packed packed = Packed.of(list, before);
        Set<String> known = new TreeSet<>(
                moves.known(scans.stream().map(PackingController.Scan::id).toList()));
        Scanned scanned = scanned(scans, before, list);
        Instant now = clock.instant().truncatedTo(ChronoUnit.MICROS);
        List<PackingViews.Refused> refused = new ArrayList<>();
        Gate.Stage stage = stored.stage();
        for (PackingController.Scan scan : scans) {
            if (!known.add(scan.id())) {
                continue;
            }
            Gate.whyNotScanned(stored.stage(), scan.kind()).ifPresent(why -> {
                throw Refusal.conflict(why);
            });
            try {
                Move move = scanned.move(scan, who, now);
                Optional<String> why = scanned.whyNot(move, id).or(() -> packed.take(move));
                if (why.isPresent()) {
                    refused.add(new PackingViews.Refused(scan.id(), scan.code(), why.get()));
                } else {
                    moves.add(scan.id(), id, move);
                    scanned.settled(move).ifPresent(condition -> pieces.set(move.piece(), condition));
                    stage = Gate.afterScan(stage, move.kind());
                }
            } catch (IllegalArgumentException e) {
                refused.add(new PackingViews.Refused(scan.id(), scan.code(), Words.reason(e) + "."));
            }
        }
        if (stage == stored.stage()) {
            happened.toJob(id);
        } else {
            changes.moveTo(stored, stage);
        }
        return refused;
    }

    private Scanned scanned(List<PackingController.Scan> scans, List<Move> before, List<PullList.Line> list) {
        List<String> codes = scans.stream().map(s -> Piece.codeOf(s.code())).toList();
        Map<String, String> titles = new HashMap<>();
        list.forEach(l -> titles.put(l.type().ref().id(), l.type().name()));
        // What is no longer on the list can still be taken out and come back.
        before.forEach(m -> titles.putIfAbsent(m.type(), m.type()));
        return new Scanned(
                new HashMap<>(pieces.of(codes)), pieces.toldApart(titles.keySet()), moves.outWith(codes), titles);
    }
}
