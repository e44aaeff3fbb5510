package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Content;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.CableId;
import wideharbor.core.id.FreeId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;

/** Where remedies take their parts from: what is in the package's kit first, then the rest of the catalogue. */
public final class Parts {
    private Parts() {}

    /** Of older revisions only those that are in the kit: for new work the newest is taken. */
    public static List<ItemType> byNearness(RigAnalysis analysis) {
        Set<ItemType> all = new LinkedHashSet<>(analysis.catalogue().current());
        analysis.kit()
                .counts()
                .keySet()
                .forEach(t -> all.add(analysis.catalogue().require(t)));
        return all.stream().sorted(order(analysis)).toList();
    }

    private static Comparator<ItemType> order(RigAnalysis analysis) {
        return Comparator.comparing((ItemType t) -> analysis.kit().count(t.ref()) > 0 ? 0 : 1)
                .thenComparing(t -> t.ref().id());
    }

    /** Puts another type in a placement's stead; pieces from the kit leave it, and what comes off goes back. */
    public static List<Scoped> swap(RigAnalysis analysis, PlacementId placement, ItemType other) {
        TypeRef old =
                analysis.rig().content().placement(placement).orElseThrow().type();
        Scope scope = analysis.scopeOf(placement);
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(scope, new Command.Retype(placement, other.ref())));
        edit.addAll(exchange(analysis, old, other.ref()));
        return edit;
    }

    /** Kit counts for one piece of a type going onto the rig and one coming off. */
    public static List<Scoped> exchange(RigAnalysis analysis, TypeRef off, TypeRef on) {
        List<Scoped> edit = new ArrayList<>(take(analysis, on, 1));
        edit.add(Scoped.kit(new Command.AddKit(off, 1)));
        return edit;
    }

    /** Takes pieces out of the kit as far as it holds them; the rest must be booked. */
    public static List<Scoped> take(RigAnalysis analysis, TypeRef type, int pieces) {
        int held = Math.min(pieces, analysis.kit().count(type));
        return held == 0 ? List.of() : List.of(Scoped.kit(new Command.AddKit(type, -held)));
    }

    /** An id that nothing on file has yet: the stem, then the stem with the lowest free number. */
    public static String freeId(Content content, String stem) {
        return FreeId.of(
                stem,
                id -> content.placement(PlacementId.of(id)).isPresent()
                        || content.joint(new JointId(id)).isPresent()
                        || content.cable(new CableId(id)).isPresent());
    }
}
