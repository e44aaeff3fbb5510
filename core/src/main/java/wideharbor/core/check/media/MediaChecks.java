package wideharbor.core.check.media;

import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.check.Check;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;

/** The checks of cards and copies, in the order in which findings of one weight are told. */
public final class MediaChecks {
    private static final int MOST = 4;

    private MediaChecks() {}

    public static List<Check> all() {
        return List.of(
                new ModeOffered(),
                new CardGoesIn(),
                new CardsOfAPair(),
                new CardsLast(),
                new CopiesMade(),
                new CopiesInTime());
    }

    static Candidate pack(ItemType type, int pieces) {
        return new Candidate(
                "pack",
                "Pack " + (pieces == 1 ? "one" : pieces) + " more " + type.name(),
                List.of(Scoped.kit(new Command.AddKit(type.ref(), pieces))));
    }

    /** One more of what will do, the first in order first. */
    static List<Candidate> pack(RigAnalysis analysis, Predicate<ItemType> which, Comparator<ItemType> order) {
        return Parts.byNearness(analysis).stream()
                .filter(which)
                .sorted(order)
                .limit(MOST)
                .map(t -> pack(t, 1))
                .toList();
    }
}
