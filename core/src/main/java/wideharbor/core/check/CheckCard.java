package wideharbor.core.check;

import wideharbor.core.analysis.Basis;

/**
 * What a check says of itself; screens and docs are made from it.
 *
 * @param perLens whether the answer depends on the lens in the slot, and so its findings' keys name the lens
 * @param basis what the answer rests on: with every lens that leaves that as it is the answer is the same, and asked
 *     once
 */
public record CheckCard(
        String id,
        String family,
        String title,
        String subjects,
        String expectation,
        String because,
        String formula,
        String source,
        Severity severity,
        boolean perLens,
        Basis basis) {

    /** A check whose answer rests on all of the rig. */
    public CheckCard(
            String id,
            String family,
            String title,
            String subjects,
            String expectation,
            String because,
            String formula,
            String source,
            Severity severity,
            boolean perLens) {
        this(id, family, title, subjects, expectation, because, formula, source, severity, perLens, Basis.RIG);
    }

    public CheckCard restingOn(Basis other) {
        return new CheckCard(
                id, family, title, subjects, expectation, because, formula, source, severity, perLens, other);
    }
}
