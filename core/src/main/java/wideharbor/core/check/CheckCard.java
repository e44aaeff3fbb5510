package wideharbor.core.check;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import wideharbor.core.analysis.Basis;
import wideharbor.core.brief.HouseRules.Rule;

/**
 * What a check says of itself; screens and docs are made from it.
 *
 * @param perLens whether the answer depends on the lens in the slot, and so its findings' keys name the lens
 * @param emptySlot whether the rig is looked at with no lens in the slot, too: while the lens is changed it stands and
 *     holds without it
 * @param basis what the answer rests on: with every lens that leaves that as it is the answer is the same, and asked
 *     once
 * @param rules figures of the house by which it judges and which an answer on the ways of working may set
 */
@RecordBuilder
public record CheckCard(
        String id,
        String family,
        String title,
        String subjects,
        String expectation,
        String because,
        @RecordBuilder.Initializer("NOTHING") String formula,
        @RecordBuilder.Initializer("NOTHING") String source,
        Severity severity,
        boolean perLens,
        boolean emptySlot,
        @RecordBuilder.Initializer("ALL_OF_THE_RIG") Basis basis,
        @RecordBuilder.Initializer("NO_RULES") List<Rule> rules) {
    /** A check that counts has no formula, and not every formula a source but itself. */
    public static final String NOTHING = "";

    public static final List<Rule> NO_RULES = List.of();
    public static final Basis ALL_OF_THE_RIG = Basis.RIG;

    public CheckCard {
        rules = List.copyOf(rules);
    }

    public CheckCard by(Rule... figures) {
        return CheckCardBuilder.builder(this).rules(List.of(figures)).build();
    }

    public CheckCard restingOn(Basis other) {
        return CheckCardBuilder.builder(this).basis(other).build();
    }
}
