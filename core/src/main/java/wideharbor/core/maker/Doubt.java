package wideharbor.core.maker;

/**
 * Something about a part that is being made.
 *
 * @param field the ask or face that it is about; empty when it is about the whole
 * @param blocks whether the part cannot be kept so
 */
public record Doubt(String field, String text, boolean blocks) {}
