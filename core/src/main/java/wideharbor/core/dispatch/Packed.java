package wideharbor.core.dispatch;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import wideharbor.core.quantity.Progress;

/**
 * What of a pull list is in which case, and what of that came back: counted from the moves, in their order. Each new
 * one is asked for first.
 */
public final class Packed {
    private final Map<String, Tally> byType = new LinkedHashMap<>();
    private final Map<Integer, Map<String, Integer>> boxes = new TreeMap<>();
    private final Map<String, Integer> inBox = new HashMap<>();
    private final Map<String, Move.Kind> returned = new HashMap<>();
    private final List<Move> notWhole = new ArrayList<>();
    private final Map<String, List<String>> codes = new HashMap<>();

    private Packed() {}

    /** One type of the list. */
    private static final class Tally {
        private final String title;
        private final int wanted;
        private final Set<String> named;
        private int in;
        private final Map<Move.Kind, Integer> back = new HashMap<>();

        private Tally(String title, int wanted, Set<String> named) {
            this.title = title;
            this.wanted = wanted;
            this.named = named;
        }

        private int told() {
            return back.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /**
     * A line of the list with how far it is.
     *
     * @param codes of the pieces that are in cases
     * @param awaited those that the rigs were built with, as far as somebody said, and that are in no case yet
     * @param back of these, by how they came back; missing ones among them
     */
    public record Line(
            String type,
            String title,
            int wanted,
            int in,
            List<String> codes,
            List<String> awaited,
            Map<Move.Kind, Integer> back) {
        public Line {
            codes = List.copyOf(codes);
            awaited = List.copyOf(awaited);
            back = Map.copyOf(back);
        }

        /** What is still to go into a case; below 0 when too many are in one. */
        public int toPack() {
            return wanted - in;
        }

        /** What left and nobody has told of. */
        public int untold() {
            return in - back.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** @param inOrder moves that were let through, the first one first */
    public static Packed of(List<PullList.Line> lines, List<Move> inOrder) {
        Packed packed = new Packed();
        for (PullList.Line line : lines) {
            String id = line.type().ref().id();
            Tally known = packed.byType.get(id);
            int wanted = line.pieces() + (known == null ? 0 : known.wanted);
            Set<String> named = new TreeSet<>(line.named());
            named.addAll(known == null ? Set.of() : known.named);
            packed.byType.put(id, new Tally(line.type().name(), wanted, named));
        }
        inOrder.forEach(packed::count);
        return packed;
    }

    /** Counts a move that can be; one that cannot is told and not counted. */
    public Optional<String> take(Move move) {
        Optional<String> why = whyNot(move);
        if (why.isEmpty()) {
            count(move);
        }
        return why;
    }

    private void count(Move move) {
        // What is no longer asked for stays in its case until it is taken out.
        Tally tally = byType.computeIfAbsent(move.type(), t -> new Tally(t, 0, Set.of()));
        switch (move.kind()) {
            case INTO_CASE -> {
                tally.in += move.count();
                boxes.computeIfAbsent(move.box(), b -> new LinkedHashMap<>())
                        .merge(move.type(), move.count(), Integer::sum);
                if (!move.piece().isEmpty()) {
                    inBox.put(move.piece(), move.box());
                    codes.computeIfAbsent(move.type(), t -> new ArrayList<>()).add(move.piece());
                }
            }
            case OUT_OF_CASE -> {
                int box = move.piece().isEmpty() ? move.box() : inBox.getOrDefault(move.piece(), move.box());
                tally.in -= move.count();
                boxes.getOrDefault(box, new HashMap<>())
                        .computeIfPresent(move.type(), (t, n) -> n > move.count() ? n - move.count() : null);
                inBox.remove(move.piece());
                codes.getOrDefault(move.type(), new ArrayList<>()).remove(move.piece());
            }
            case BACK, DAMAGED, MISSING, CONSUMED -> {
                replaced(move, tally).ifPresent(k -> {
                    tally.back.computeIfPresent(k, (kind, n) -> n > move.count() ? n - move.count() : null);
                    noLonger(k, move);
                });
                if (move.kind().isNotWhole()) {
                    notWhole.add(move);
                }
                tally.back.merge(move.kind(), move.count(), Integer::sum);
                if (!move.piece().isEmpty()) {
                    returned.put(move.piece(), move.kind());
                }
            }
        }
    }

    /** Why a move cannot be; empty when it can. */
    public Optional<String> whyNot(Move move) {
        Tally tally = byType.get(move.type());
        if (tally == null) {
            String called = move.piece().isEmpty() ? move.type() : move.piece();
            return Optional.of(called + " is not on the pull list of this job.");
        }
        return move.kind().isReturn() ? whyNotBack(move, tally) : whyNotPacked(move, tally);
    }

    private static String called(Move move, String title) {
        return move.piece().isEmpty() ? title : title + " " + move.piece();
    }

    private Optional<String> whyNotPacked(Move move, Tally tally) {
        String called = called(move, tally.title);
        Integer box = inBox.get(move.piece());
        if (move.kind() == Move.Kind.INTO_CASE) {
            if (box != null) {
                return Optional.of(called + " is in case " + box + " already.");
            }
            if (tally.in + move.count() > tally.wanted) {
                return Optional.of(
                        tally.wanted == 0
                                ? called + " is not on the pull list of this job."
                                : "All " + tally.wanted + " of " + tally.title + " are packed: "
                                        + (move.piece().isEmpty() ? "no more go" : move.piece() + " stays") + ".");
            }
            return another(move, tally);
        }
        boolean there = move.piece().isEmpty()
                ? boxes.getOrDefault(move.box(), Map.of()).getOrDefault(move.type(), 0) >= move.count()
                : box != null;
        return there ? Optional.empty() : Optional.of(called + " is in no case that it could come out of.");
    }

    private List<String> awaited(String type, Tally tally) {
        List<String> lie = codes.getOrDefault(type, List.of());
        return tally.named.stream().filter(c -> !lie.contains(c)).toList();
    }

    /** The rigs were built with pieces that have names: another of the type is for what nobody named. */
    private Optional<String> another(Move move, Tally tally) {
        if (move.piece().isEmpty() || tally.named.contains(move.piece())) {
            return Optional.empty();
        }
        List<String> lie = codes.getOrDefault(move.type(), List.of());
        long free = tally.wanted
                - tally.named.size()
                - lie.stream().filter(c -> !tally.named.contains(c)).count();
        List<String> missing = awaited(move.type(), tally);
        return free > 0 || missing.isEmpty()
                ? Optional.empty()
                : Optional.of("This job was built with " + String.join(", ", missing) + ": " + move.piece()
                        + " is another " + tally.title + ".");
    }

    /** What was told before and is no longer so: the missing turns up, what came back is found to be broken. */
    private Optional<Move.Kind> replaced(Move move, Tally tally) {
        List<Move.Kind> earlier = switch (move.kind()) {
            case BACK -> List.of(Move.Kind.MISSING);
            case DAMAGED -> List.of(Move.Kind.MISSING, Move.Kind.BACK);
            default -> List.of();
        };
        if (!move.piece().isEmpty()) {
            return Optional.ofNullable(returned.get(move.piece())).filter(earlier::contains);
        }
        return tally.told() + move.count() <= tally.in
                ? Optional.empty()
                : earlier.stream()
                        .filter(k -> tally.back.getOrDefault(k, 0) >= move.count())
                        .findFirst();
    }

    /** Takes what was told of a piece, or of so many of a kind, off what is not whole. */
    private void noLonger(Move.Kind told, Move move) {
        int left = move.count();
        for (int i = notWhole.size() - 1; i >= 0 && left > 0; i--) {
            Move before = notWhole.get(i);
            if (before.kind() == told
                    && before.type().equals(move.type())
                    && before.piece().equals(move.piece())) {
                int stays = Math.max(0, before.count() - left);
                left -= before.count() - stays;
                notWhole.remove(i);
                if (stays > 0) {
                    notWhole.add(i, before.of(stays));
                }
            }
        }
    }

    private Optional<String> whyNotBack(Move move, Tally tally) {
        String called = called(move, tally.title);
        if (!move.piece().isEmpty() && !inBox.containsKey(move.piece())) {
            return Optional.of(called + " did not leave with this job.");
        }
        if (replaced(move, tally).isPresent()) {
            return Optional.empty();
        }
        Move.Kind before = returned.get(move.piece());
        if (before != null) {
            return Optional.of(called + " is told already: " + word(before) + ".");
        }
        return tally.told() + move.count() > tally.in
                ? Optional.of("Of " + tally.title + ", " + tally.in + " left and " + tally.told() + " are told: "
                        + move.count() + " more cannot be.")
                : Optional.empty();
    }

    public static String word(Move.Kind kind) {
        return switch (kind) {
            case INTO_CASE -> "in a case";
            case OUT_OF_CASE -> "taken out";
            case BACK -> "back";
            case DAMAGED -> "damaged";
            case MISSING -> "missing";
            case CONSUMED -> "used up";
        };
    }

    /** In the order of the list; what lies in a case and is no longer asked for comes last. */
    public List<Line> lines() {
        return byType.entrySet().stream()
                .filter(e -> e.getValue().wanted > 0 || e.getValue().in > 0)
                .map(e -> new Line(
                        e.getKey(),
                        e.getValue().title,
                        e.getValue().wanted,
                        e.getValue().in,
                        codes.getOrDefault(e.getKey(), List.of()),
                        awaited(e.getKey(), e.getValue()),
                        e.getValue().back))
                .toList();
    }

    /** In how many cases something lies. */
    public int cases() {
        return (int) boxes.values().stream().filter(b -> !b.isEmpty()).count();
    }

    /** How many of each type are in each case, by number of the case. */
    public Map<Integer, Map<String, Integer>> boxes() {
        return boxes;
    }

    /** Where a piece is; empty while it is in no case. */
    public Optional<Integer> boxOf(String piece) {
        return Optional.ofNullable(inBox.get(piece));
    }

    /** What is damaged, missing or used up as it stands, in the order in which it was told. */
    public List<Move> notWhole() {
        return List.copyOf(notWhole);
    }

    /** What that costs, as far as somebody told. */
    public double cost() {
        return notWhole.stream().mapToDouble(m -> m.cost().orElse(0.0)).sum();
    }

    /** How a piece came back; empty while nobody has told. */
    public Optional<Move.Kind> cameBack(String piece) {
        return Optional.ofNullable(returned.get(piece));
    }

    /** How much of the list is in cases. What is in one and not asked for keeps it from being whole. */
    public Progress packing() {
        Progress all = Progress.NOTHING;
        for (Tally t : byType.values()) {
            int most = Math.max(t.wanted, t.in);
            all = all.plus(new Progress(Math.min(t.wanted, t.in), most));
        }
        return all;
    }

    /** How much of what left is accounted for. */
    public Progress returning() {
        Progress all = Progress.NOTHING;
        for (Tally t : byType.values()) {
            all = all.plus(new Progress(Math.min(t.in, t.told()), t.in));
        }
        return all;
    }
}
