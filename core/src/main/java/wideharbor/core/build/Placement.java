package wideharbor.core.build;

import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;

/** One piece in the build. What was weighed on this very piece overrides the catalogue's mass. */
public record Placement(PlacementId id, TypeRef type, String label, Figure weighedGrams) {
    public static final Figure NOT_WEIGHED = Figure.unknown("not weighed");

    public Placement {
        Id.some("Placement", id);
        Figure.notNegative("Weighed mass in g", weighedGrams);
        if (label.length() > 80) {
            throw new IllegalArgumentException("A label must have at most 80 characters, but has " + label.length());
        }
    }

    Placement as(TypeRef other) {
        return new Placement(id, other, label, NOT_WEIGHED);
    }

    Placement weighing(Figure grams) {
        return new Placement(id, type, label, grams);
    }
}
