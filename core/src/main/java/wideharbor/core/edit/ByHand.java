package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** What may be done by hand with a part that is on the rig, each with what it would come to, before anyone decides. */
public final class ByHand {
    private ByHand() {}

    /** What somebody wants to do with a part. */
    public enum Deed {
        EXCHANGE,
        MOVE,
        INSERT,
        CLOSE,
        OPEN,
        /** One more of the same. */
        DUPLICATE,
        /** To the port that mirrors its own: what was on the left goes to the right. */
        OTHER_SIDE,
        /** Put something under or over it that carries the whole rig. */
        CARRY
    }

    /**
     * One way to do it.
     *
     * @param detail what decides for or against it: in the kit, a gap, where it goes
     * @param lost what it would cost, in words; empty where nothing is lost
     * @param request what does it
     */
    public record Offer(String title, String detail, List<String> lost, EditRequest request) {}

    /** Every way, the likeliest first. */
    public static List<Offer> offers(RigAnalysis analysis, PlacementId placement, Deed deed) {
        if (analysis.rig().content().placement(placement).isEmpty()) {
            throw new EditRefused("There is no placement '" + placement + "' in this build.");
        }
        if (deed != Deed.MOVE
                && deed != Deed.DUPLICATE
                && analysis.rig().find(placement).isEmpty()) {
            throw new EditRefused(analysis.rig().title(placement) + " is not on the rig; move it onto a port first.");
        }
        return switch (deed) {
            case EXCHANGE -> exchanges(analysis, placement);
            case INSERT -> inserts(analysis, placement);
            case CLOSE -> closings(analysis, placement);
            case OPEN -> openings(analysis, placement);
            case MOVE -> moves(analysis, placement, Joining.places(analysis, placement));
            case OTHER_SIDE -> moves(analysis, placement, Mirrored.places(analysis, placement));
            case DUPLICATE -> duplicates(analysis, placement);
            case CARRY -> Carriers.offers(analysis);
        };
    }

    private static List<Offer> exchanges(RigAnalysis analysis, PlacementId placement) {
        ItemType old = analysis.rig().require(placement).type();
        List<Offer> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            if (type.category() == old.category() && !type.ref().equals(old.ref())) {
                tried(analysis, placement, type).ifPresent(all::add);
            }
        }
        all.sort(Comparator.comparingInt(o -> o.lost().size()));
        return all;
    }

    private static Optional<Offer> tried(RigAnalysis analysis, PlacementId placement, ItemType type) {
        try {
            Exchange made = Exchange.of(analysis, placement, type);
            return Optional.of(new Offer(
                    type.name(), kit(analysis, type), made.lost(), new PartRequest.Exchanged(placement, type.ref())));
        } catch (EditRefused notThere) {
            return Optional.empty();
        }
    }

    private static String kit(RigAnalysis analysis, ItemType type) {
        int held = analysis.kit().count(type.ref());
        return type.maker() + ", " + (held > 0 ? held + " in the kit" : "not in the kit");
    }

    private static List<Offer> moves(RigAnalysis analysis, PlacementId placement, List<Joining.Place> places) {
        return places.stream()
                .map(p -> offer(
                        analysis,
                        p,
                        "",
                        new PartRequest.Move(placement, p.to(), p.own().id())))
                .toList();
    }

    private static List<Offer> duplicates(RigAnalysis analysis, PlacementId placement) {
        ItemType type = Joining.type(analysis, placement);
        return Joining.placesForAnother(analysis, type).stream()
                .map(p -> offer(
                        analysis,
                        p,
                        kit(analysis, type) + ", ",
                        new PartRequest.Add(p.to(), type.ref(), p.own().id())))
                .toList();
    }

    private static Offer offer(RigAnalysis analysis, Joining.Place place, String first, EditRequest request) {
        return new Offer(
                analysis.rig().title(place.to().placement()) + ", "
                        + place.port().title(),
                first + "by its " + place.own().title().toLowerCase(Locale.ROOT),
                List.of(),
                request);
    }

    private static List<Offer> inserts(RigAnalysis analysis, PlacementId placement) {
        Optional<Joint> joint = analysis.rig().locatedBy(placement);
        if (joint.isEmpty()) {
            return List.of();
        }
        return Parts.byNearness(analysis).stream()
                .filter(t -> Joining.between(analysis, joint.get(), t).isPresent())
                .map(t -> new Offer(t.name(), kit(analysis, t), List.of(), new PartRequest.Insert(placement, t.ref())))
                .toList();
    }

    private static List<Offer> closings(RigAnalysis analysis, PlacementId placement) {
        Rig rig = analysis.rig();
        return Joining.meetings(analysis, placement).stream()
                .map(m -> new Offer(
                        rig.port(m.own()).title() + " on " + rig.title(m.other().placement()) + ", "
                                + rig.port(m.other()).title(),
                        "gap " + Words.length(Math.abs(m.closing().gapMm())) + ", aside "
                                + Words.length(m.closing().offsetMm()) + ", "
                                + Words.one(m.closing().angleDegrees()) + "° off",
                        List.of(),
                        new PartRequest.Close(m.own(), m.other())))
                .toList();
    }

    private static List<Offer> openings(RigAnalysis analysis, PlacementId placement) {
        Rig rig = analysis.rig();
        Placed part = rig.require(placement);
        return rig.liveJoints().stream()
                .filter(j -> j.kind() == Joint.Kind.CLOSING)
                .filter(j -> j.parent().placement().equals(part.id())
                        || j.child().placement().equals(part.id()))
                .map(j -> new Offer(
                        rig.port(j.child()).title() + " of "
                                + rig.title(j.child().placement()) + " from "
                                + rig.title(j.parent().placement()),
                        "what it bears goes to the other faces",
                        List.of(),
                        new PartRequest.Open(j.id())))
                .toList();
    }
}
