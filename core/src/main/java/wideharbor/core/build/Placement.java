package wideharbor.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;

/**
 * One part in the build. What was measured on this very piece overrides what its type and its devices' say.
 *
 * @param drawn of a battery: what the rig was measured to take from it
 * @param holds of a battery: what the weakest of its kind was measured to hold
 * @param piece the code of the house's piece that it is; empty while nobody said which
 */
public record Placement(
        PlacementId id,
        TypeRef type,
        String label,
        Figure weighedGrams,
        Optional<Drawn> drawn,
        Optional<Holds> holds,
        String piece) {
    public static final Figure NOT_WEIGHED = Figure.unknown("not weighed");

    public Placement {
        Id.some("Placement", id);
        Figure.notNegative("Weighed mass in g", weighedGrams);
        if (label.length() > 80) {
            throw new IllegalArgumentException("A label must have at most 80 characters, but has " + label.length());
        }
        if (!piece.isEmpty()) {
            Require.pieceCode(piece);
        }
    }

    /** One of a type of which nothing else is known. */
    public static Placement of(PlacementId id, TypeRef type, String label) {
        return new Placement(id, type, label, NOT_WEIGHED, Optional.empty(), Optional.empty(), "");
    }

    /** What is known of this very piece, as commands that say it of a part of which nothing is known. */
    public List<Command> known() {
        List<Command> known = new ArrayList<>();
        if (!piece.isEmpty()) {
            known.add(new Command.Identify(id, piece));
        }
        if (!weighedGrams.equals(NOT_WEIGHED)) {
            known.add(new Command.Weigh(id, weighedGrams));
        }
        if (drawn.isPresent()) {
            known.add(new Command.Draw(id, drawn));
        }
        if (holds.isPresent()) {
            known.add(new Command.Hold(id, holds));
        }
        return known;
    }

    Placement as(TypeRef other) {
        return of(id, other, label);
    }

    Placement weighing(Figure grams) {
        return new Placement(id, type, label, grams, drawn, holds, piece);
    }

    Placement being(String code) {
        return new Placement(id, type, label, weighedGrams, drawn, holds, code);
    }

    Placement giving(Optional<Drawn> watts) {
        return new Placement(id, type, label, weighedGrams, watts, holds, piece);
    }

    Placement holding(Optional<Holds> wattHours) {
        return new Placement(id, type, label, weighedGrams, drawn, wattHours, piece);
    }

    /** Without what was measured of what it gives. */
    Placement unmeasured() {
        return giving(Optional.empty()).holding(Optional.empty());
    }
}
