package wideharbor.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import wideharbor.core.build.Command;
import wideharbor.core.build.Content;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;

/** Where remedies take their parts from: what is in the package's kit first, then the rest of the catalogue. */
public final class Parts {
    private Parts() {}

    public static List<ItemType> byNearness(CheckContext context) {
        List<ItemType> all = new ArrayList<>(context.catalogue().all());
        all.sort(Comparator.comparing((ItemType t) -> context.kit().count(t.ref()) > 0 ? 0 : 1)
                .thenComparing(t -> t.ref().id()));
        return all;
    }

    /** Puts another type in a placement's stead; pieces from the kit leave it, and what comes off goes back. */
    public static List<Scoped> swap(CheckContext context, String placement, ItemType other) {
        TypeRef old = context.rig().content().placement(placement).orElseThrow().type();
        Scope scope = context.scopeOf(placement);
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(scope, new Command.Retype(placement, other.ref())));
        edit.addAll(exchange(context, old, other.ref()));
        return edit;
    }

    /** Kit counts for one piece of a type going onto the rig and one coming off. */
    public static List<Scoped> exchange(CheckContext context, TypeRef off, TypeRef on) {
        List<Scoped> edit = new ArrayList<>(take(context, on, 1));
        edit.add(Scoped.kit(new Command.AddKit(off, 1)));
        return edit;
    }

    /** Takes pieces out of the kit as far as it holds them; the rest must be booked. */
    public static List<Scoped> take(CheckContext context, TypeRef type, int pieces) {
        int held = Math.min(pieces, context.kit().count(type));
        return held == 0 ? List.of() : List.of(Scoped.kit(new Command.AddKit(type, -held)));
    }

    /** An id that nothing on file has yet: the stem, then the stem with the lowest free number. */
    public static String freeId(Content content, String stem) {
        String id = stem;
        for (int n = 2;
                content.placement(id).isPresent()
                        || content.joint(id).isPresent()
                        || content.cable(id).isPresent();
                n++) {
            id = stem + "-" + n;
        }
        return id;
    }
}
