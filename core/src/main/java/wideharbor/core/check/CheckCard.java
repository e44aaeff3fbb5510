package wideharbor.core.check;

/**
 * What a check says of itself; screens and docs are made from it.
 *
 * @param perLens whether the answer depends on the lens in the slot, and so its findings' keys name the lens
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
        boolean perLens) {}
