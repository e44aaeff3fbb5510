package wideharbor.core.dispatch;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.brief.Asks;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.MediaFacet;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.job.Job;

/** What a line of the pull list goes along for, in words: the rigs, the brief, or nobody that the job knows of. */
final class Serves {
    static final String NOBODY = "nobody asks for it";

    private static final Set<Category> SHOWS =
            Set.of(Category.MONITOR, Category.VIEWFINDER, Category.TRANSMISSION, Category.BRACKET);

    private final Job job;
    private final Map<TypeRef, Set<String>> bodies = new LinkedHashMap<>();

    Serves(Job job) {
        this.job = job;
    }

    void onRigOf(String body, Set<TypeRef> types) {
        types.forEach(t -> bodies.computeIfAbsent(t, k -> new LinkedHashSet<>()).add(body));
    }

    List<String> why(ItemType type, int inKit) {
        List<String> reasons = new ArrayList<>();
        Set<String> on = bodies.getOrDefault(type.ref(), Set.of());
        if (!on.isEmpty()) {
            boolean all = on.size() > 1 && on.size() == job.gear().builds().size();
            reasons.add("on " + (all ? "every body" : String.join(", ", on)));
        }
        if (inKit > 0) {
            spare(type, !on.isEmpty(), reasons);
            needed(type, reasons);
            byKind(type, reasons);
        }
        return reasons.isEmpty() ? List.of(NOBODY) : List.copyOf(reasons);
    }

    private void spare(ItemType type, boolean onRig, List<String> reasons) {
        int asked = job.brief().asks().spares().stream()
                .filter(s -> s.category().equals(type.category().name()))
                .mapToInt(Asks.Spare::pieces)
                .max()
                .orElse(0);
        if (asked > 0 && onRig) {
            reasons.add("spare: the brief wants " + asked);
        } else if (onRig) {
            reasons.add("spare of what is on the rig");
        }
    }

    private void needed(ItemType type, List<String> reasons) {
        String by = bodies.keySet().stream()
                .map(t -> job.catalogue().require(t))
                .filter(t -> t.relations(Relation.Kind.NEEDS).stream().anyMatch(r -> r.means(type)))
                .map(ItemType::name)
                .sorted()
                .collect(Collectors.joining(", "));
        if (!by.isEmpty()) {
            reasons.add("needed by " + by);
        }
    }

    private void byKind(ItemType type, List<String> reasons) {
        boolean viewed = !job.brief().asks().shoot().viewers().isEmpty();
        if (type.category() == Category.BATTERY && sharesAFace(type)) {
            reasons.add("changes through the day");
        } else if (type.category() == Category.TOOL) {
            reasons.add("tools for the build");
        } else if (type.category() == Category.CASE) {
            reasons.add("what the rest travels in");
        } else if (type.category() == Category.MEDIA) {
            reasons.add(
                    type.facet(MediaFacet.Reader.class).isPresent()
                            ? "reads the cards"
                            : type.facet(MediaFacet.Drive.class).isPresent()
                                    ? "what is copied to"
                                    : "what is recorded on");
        } else if (viewed && SHOWS.contains(type.category())) {
            reasons.add("for the viewers");
        }
    }

    /** Whether a battery goes where one goes that is on a rig. */
    private boolean sharesAFace(ItemType battery) {
        return bodies.keySet().stream()
                .map(t -> job.catalogue().require(t))
                .filter(t -> t.category() == Category.BATTERY)
                .flatMap(t -> t.ports().stream())
                .anyMatch(on ->
                        battery.ports().stream().anyMatch(p -> p.standard().equals(on.standard())));
    }
}
