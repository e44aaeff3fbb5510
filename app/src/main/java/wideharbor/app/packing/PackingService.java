package wideharbor.app.packing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
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
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.dispatch.CasePlan;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.dispatch.Move;
import wideharbor.core.dispatch.Packed;
import wideharbor.core.dispatch.Progress;
import wideharbor.core.dispatch.PullList;
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

    PackingService(
            JobStore store, JobChanges changes, Moves moves, Pieces pieces, Accounts accounts, Happened happened) {
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
        List<PullList.Line> list = PullList.of(stored.job());
        Packed packed = Packed.of(list, moves.of(id));
        Map<String, ItemType> types = new HashMap<>();
        list.forEach(l -> types.put(l.type().ref().id(), l.type()));
        List<Packed.Line> lines = packed.lines();
        Set<String> toldApart =
                pieces.toldApart(lines.stream().map(Packed.Line::type).toList());
        Map<String, Piece> known =
                pieces.of(lines.stream().flatMap(l -> l.codes().stream()).toList());
        Boxes boxes = new Boxes(stored.job(), CasePlan.of(stored.job()), packed, types, known);
        Progress out = packed.packing();
        Progress back = packed.returning();
        return new PackingViews.PackSheet(
                stored.stage(),
                stored.job().title(),
                lines.stream()
                        .map(l -> line(l, types, toldApart.contains(l.type()), boxes))
                        .toList(),
                boxes.all(),
                out.done(),
                out.of(),
                back.done(),
                back.of(),
                refused,
                stored.stage().hasLeft() ? notWhole(id, types) : List.of());
    }

    private List<PackingViews.NotWhole> notWhole(String id, Map<String, ItemType> types) {
        return moves.notWhole(id).stream()
                .map(t -> new PackingViews.NotWhole(
                        t.move().kind(),
                        Optional.ofNullable(types.get(t.move().type()))
                                .map(ItemType::name)
                                .orElse(t.move().type()),
                        t.move().piece(),
                        t.move().count(),
                        t.move().remark(),
                        t.move().cost(),
                        accounts.displayName(t.who()),
                        t.at()))
                .toList();
    }

    /** When it loads out, as a label says it. */
    @Transactional(readOnly = true)
    String loadsOut(String id) {
        return store.load(id).job().brief().dates().load().toString().replace('T', ' ');
    }

    private static PackingViews.PackLine line(
            Packed.Line line, Map<String, ItemType> types, boolean toldApart, Boxes boxes) {
        return new PackingViews.PackLine(
                line.type(),
                line.title(),
                Optional.ofNullable(types.get(line.type()))
                        .map(ItemType::category)
                        .orElse(Category.OTHER),
                line.wanted(),
                line.in(),
                toldApart,
                line.codes(),
                boxes.plannedFor(line.type()),
                line.back().getOrDefault(Move.Kind.BACK, 0),
                line.back().getOrDefault(Move.Kind.DAMAGED, 0),
                line.back().getOrDefault(Move.Kind.MISSING, 0),
                line.back().getOrDefault(Move.Kind.CONSUMED, 0));
    }

    /** Scans that are known already are passed over, also when the same one comes twice at once. */
    @Transactional
    public List<PackingViews.Refused> scan(String id, List<PackingController.Scan> scans, String who) {
        StoredJob stored = changes.lock(id);
        List<PullList.Line> list = PullList.of(stored.job());
        List<Move> made = new ArrayList<>(moves.of(id));
        Set<String> known = new TreeSet<>(
                moves.known(scans.stream().map(PackingController.Scan::id).toList()));
        Scanned scanned = scanned(scans, made, list);
        List<PackingViews.Refused> refused = new ArrayList<>();
        boolean takenOut = false;
        for (PackingController.Scan scan : scans) {
            if (!known.add(scan.id())) {
                continue;
            }
            requireStage(stored, scan.kind());
            try {
                Move move = scanned.move(scan);
                Optional<String> why =
                        scanned.whyNot(move, id).or(() -> Packed.of(list, made).whyNot(move));
                if (why.isPresent()) {
                    refused.add(new PackingViews.Refused(scan.id(), scan.code(), why.get()));
                    continue;
                }
                moves.add(scan.id(), id, move, who);
                made.add(move);
                settle(move);
                takenOut |= move.kind() == Move.Kind.OUT_OF_CASE;
            } catch (IllegalArgumentException e) {
                refused.add(new PackingViews.Refused(scan.id(), scan.code(), Words.reason(e) + "."));
            }
        }
        follow(stored, takenOut, made);
        return refused;
    }

    private static void requireStage(StoredJob stored, Move.Kind kind) {
        boolean left = stored.stage().hasLeft();
        if (kind.isReturn() && !left) {
            throw Refusal.conflict("This job has not left the house: nothing of it can come back.");
        }
        if (!kind.isReturn() && left) {
            throw Refusal.conflict("This job has left the house: nothing goes into its cases or out of them.");
        }
        if (stored.stage() == Gate.Stage.RECONCILED) {
            throw Refusal.conflict("This job's return is closed.");
        }
    }

    /** What came back broken or did not come back is not offered to the next job. */
    private void settle(Move move) {
        if (move.piece().isEmpty()) {
            return;
        }
        switch (move.kind()) {
            case DAMAGED -> pieces.set(move.piece(), Piece.Condition.NEEDS_SERVICE);
            case MISSING -> pieces.set(move.piece(), Piece.Condition.LOST);
            case CONSUMED -> pieces.set(move.piece(), Piece.Condition.RETIRED);
            case BACK -> {
                boolean wasLost = pieces.find(move.piece())
                        .filter(p -> p.condition() == Piece.Condition.LOST)
                        .isPresent();
                if (wasLost) {
                    pieces.set(move.piece(), Piece.Condition.READY);
                }
            }
            default -> {}
        }
    }

    /** A packed job from which something is taken is not packed; the first piece back brings the job back. */
    private void follow(StoredJob stored, boolean takenOut, List<Move> made) {
        if (takenOut && stored.stage() == Gate.Stage.PACKED) {
            changes.moveTo(stored, Gate.Stage.SIGNED);
        } else if (stored.stage() == Gate.Stage.DISPATCHED
                && made.stream().anyMatch(m -> m.kind().isReturn())) {
            changes.moveTo(stored, Gate.Stage.RETURNED);
        } else {
            happened.toJob(stored.job().id());
        }
    }

    private Scanned scanned(List<PackingController.Scan> scans, List<Move> made, List<PullList.Line> list) {
        List<String> codes = scans.stream().map(s -> Piece.codeOf(s.code())).toList();
        List<String> types = new ArrayList<>(scans.stream()
                .map(s -> s.code().strip().toLowerCase(Locale.ROOT))
                .toList());
        made.forEach(m -> types.add(m.type()));
        list.forEach(l -> types.add(l.type().ref().id()));
        Map<String, String> titles = new HashMap<>();
        list.forEach(l -> titles.put(l.type().ref().id(), l.type().name()));
        return new Scanned(pieces.of(codes), pieces.toldApart(types), Set.copyOf(types), moves.outWith(codes), titles);
    }
}
