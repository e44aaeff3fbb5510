package wideharbor.core.check;

import io.soabase.recordbuilder.core.RecordBuilder;
import wideharbor.core.analysis.Basis;

/**
 * What a check says of itself; screens and docs are made from it.
 *
 * @param perLens whether the answer depends on the lens in the slot, and so its findings' keys name the lens
 * @param basis what the answer rests on: with every lens that leaves that as it is the answer is the same, and asked
 *     once
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
        @RecordBuilder.Initializer("ALL_OF_THE_RIG") Basis basis) {
    /** A check that counts has no formula, and not every formula a source but itself. */
    public static final String NOTHING = "";

    public static final Basis ALL_OF_THE_RIG = Basis.RIG;

    public CheckCard restingOn(Basis other) {
        return CheckCardBuilder.builder(this).basis(other).build();
    }
}
