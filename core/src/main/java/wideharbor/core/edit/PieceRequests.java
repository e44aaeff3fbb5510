package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Placement;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.stock.Piece;

/** Parts that are pieces of the house. */
public final class PieceRequests {
    private PieceRequests() {}

    static Prepared identify(RigAnalysis analysis, FigureRequest.Identify request, Occasion occasion) {
        PartEdits.requirePresent(analysis.rig(), request.placement());
        Placement part = analysis.rig().content().placement(request.placement()).orElseThrow();
        String title = analysis.rig().title(part.id());
        if (request.code().isBlank()) {
            return new Prepared(title + " is no piece in particular", edit(analysis, part, ""));
        }
        String code = Piece.codeOf(request.code());
        Piece piece = occasion.piece(code)
                .orElseThrow(() -> new EditRefused("There is no piece '" + code + "' in this house."));
        whyNot(analysis, part, piece).ifPresent(why -> {
            throw new EditRefused(why);
        });
        List<Scoped> commands = new ArrayList<>(edit(analysis, part, code));
        piece.grams().ifPresent(g -> commands.addAll(PartEdits.weigh(analysis, part.id(), weighed(code, g))));
        String grams = piece.grams().map(g -> ", " + Math.round(g) + " g").orElse("");
        return new Prepared(title + " is " + code + grams, commands);
    }

    /** What is known of a piece wherever it is built in: its code stands for who weighed it. */
    public static Figure weighed(String code, double grams) {
        return Figure.measured(grams, code, "");
    }

    private static List<Scoped> edit(RigAnalysis analysis, Placement part, String code) {
        Scope scope = analysis.scopeOf(part.id());
        List<Scoped> commands = new ArrayList<>(List.of(new Scoped(scope, new Command.Identify(part.id(), code))));
        // What was weighed was the piece that this is no longer.
        if (!part.piece().isEmpty() && !part.piece().equals(code)) {
            commands.add(new Scoped(scope, new Command.Weigh(part.id(), Placement.NOT_WEIGHED)));
        }
        return commands;
    }

    private static Optional<String> whyNot(RigAnalysis analysis, Placement part, Piece piece) {
        Catalogue catalogue = analysis.catalogue();
        if (!piece.type().equals(part.type().id())) {
            String is = catalogue.current().stream()
                    .filter(t -> t.ref().id().equals(piece.type()))
                    .map(t -> t.name())
                    .findFirst()
                    .orElse(piece.type());
            return Optional.of(piece.code() + " is " + is + ", not "
                    + catalogue.require(part.type()).name() + ".");
        }
        return piece.whyNotGo().or(() -> elsewhere(analysis, part.id(), piece.code()));
    }

    /** Where the package has a piece already: on this rig, or on another body. */
    private static Optional<String> elsewhere(RigAnalysis analysis, PlacementId part, String code) {
        Stream<Placement> here = analysis.rig().content().placements().stream().filter(p -> !p.id().equals(part));
        Stream<Placement> others = analysis.job().gear().builds().stream()
                .filter(b -> !b.id().equals(analysis.build().id()))
                .map(Build::base)
                .flatMap(base -> base.placements().stream());
        return Stream.concat(here, others)
                .filter(p -> p.piece().equals(code))
                .findFirst()
                .map(p -> code + " is another part of this package already: "
                        + analysis.catalogue().require(p.type()).name() + ".");
    }

    /** What changes in a body when one of the house's pieces was weighed anew; empty where nothing does. */
    public static List<Scoped> weighedAnew(Build build, String code, Figure grams) {
        List<Scoped> edit = new ArrayList<>();
        for (Placement p : build.base().placements()) {
            if (p.piece().equals(code) && !p.weighedGrams().equals(grams)) {
                edit.add(Scoped.base(new Command.Weigh(p.id(), grams)));
            }
        }
        build.configurations().forEach(c -> overlay(c.overlay(), new Scope.InConfiguration(c.id()), code, grams, edit));
        build.lenses().forEach(l -> overlay(l.overlay(), new Scope.InLens(l.id()), code, grams, edit));
        return edit;
    }

    /** Of what an overlay says of a part, the last holds. */
    private static void overlay(List<Command> overlay, Scope scope, String code, Figure grams, List<Scoped> edit) {
        Map<PlacementId, String> pieces = new LinkedHashMap<>();
        Map<PlacementId, Figure> masses = new HashMap<>();
        for (Command command : overlay) {
            if (command instanceof Command.Identify c) {
                pieces.put(c.placement(), c.piece());
            } else if (command instanceof Command.Weigh c) {
                masses.put(c.placement(), c.massGrams());
            }
        }
        pieces.forEach((part, piece) -> {
            if (piece.equals(code) && !grams.equals(masses.get(part))) {
                edit.add(new Scoped(scope, new Command.Weigh(part, grams)));
            }
        });
    }
}
