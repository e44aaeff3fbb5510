package wideharbor.core.dispatch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SortedSet;
import java.util.TreeSet;
import wideharbor.core.balance.Mass;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Content;
import wideharbor.core.build.LensChoice;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.LensId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;

/**
 * What must leave the house: per type, over the builds in use together, the largest number any configuration needs at
 * once, plus the kit. Every lens of the set goes along, once: a lens that is in the set with two boxes is one lens.
 */
public final class PullList {
    private PullList() {}

    /**
     * One line; mass of one piece.
     *
     * @param serves what it goes along for, in words
     * @param named codes of the pieces that the rigs were built with, as far as somebody said which
     */
    public record Line(ItemType type, int onRig, int inKit, Figure eachGrams, List<String> serves, List<String> named) {
        public int pieces() {
            return onRig + inKit;
        }
    }

    /** Lines by category, then by name. */
    public static List<Line> of(Job job) {
        Map<TypeRef, Integer> onRig = new LinkedHashMap<>();
        Map<TypeRef, SortedSet<String>> named = new HashMap<>();
        Serves serves = new Serves(job);
        for (Build build : job.gear().builds()) {
            Map<TypeRef, Integer> needs = needs(build, job, named);
            needs.forEach((type, count) -> onRig.merge(type, count, Integer::sum));
            serves.onRigOf(build.title(), needs.keySet());
        }
        Map<TypeRef, int[]> all = new HashMap<>();
        onRig.forEach((type, count) -> all.computeIfAbsent(type, k -> new int[2])[0] = count);
        job.gear().kit().counts().forEach((type, count) -> all.computeIfAbsent(type, k -> new int[2])[1] = count);
        List<Line> lines = new ArrayList<>();
        all.forEach((ref, counts) -> {
            ItemType type = job.catalogue().require(ref);
            lines.add(new Line(
                    type,
                    counts[0],
                    counts[1],
                    Mass.ofType(type),
                    serves.why(type, counts[1]),
                    List.copyOf(named.getOrDefault(ref, new TreeSet<>()))));
        });
        lines.sort(Comparator.comparing((Line l) -> l.type().category())
                .thenComparing(l -> l.type().name())
                .thenComparing(l -> l.type().ref().id()));
        return lines;
    }

    private static Map<TypeRef, Integer> needs(Build build, Job job, Map<TypeRef, SortedSet<String>> named) {
        Map<TypeRef, Integer> most = new LinkedHashMap<>();
        for (Configuration configuration : build.configurations()) {
            List<LensId> ids = new ArrayList<>(List.of(LensId.NONE));
            build.lenses().stream().map(LensChoice::id).forEach(ids::add);
            for (LensId lens : ids) {
                Content content = build.content(configuration.id(), lens, job.catalogue());
                count(content).forEach((type, count) -> most.merge(type, count, Math::max));
                content.placements().stream()
                        .filter(p -> !p.piece().isEmpty() && !content.isRemoved(p.id()))
                        .forEach(p -> named.computeIfAbsent(p.type(), t -> new TreeSet<>())
                                .add(p.piece()));
            }
        }
        return most;
    }

    private static Map<TypeRef, Integer> count(Content content) {
        Map<TypeRef, Integer> counts = new LinkedHashMap<>();
        content.placements().forEach(p -> {
            if (!content.isRemoved(p.id())) {
                counts.merge(p.type(), 1, Integer::sum);
            }
        });
        content.cables().forEach(c -> counts.merge(c.type(), 1, Integer::sum));
        return counts;
    }

    /** Mass of a whole line; unknown when a piece's is. */
    public static Figure lineGrams(Line line) {
        if (line.eachGrams() instanceof Figure.Known k) {
            int n = line.pieces();
            return new Figure.Known(k.value() * n, k.low() * n, k.high() * n, k.source(), k.by(), k.when());
        }
        return line.eachGrams();
    }

    /**
     * What all of it weighs.
     *
     * @param grams of what is known
     * @param unweighed pieces without a mass
     * @param forTwo over what one person may lift alone, as far as is known
     * @param liftGrams what one person may lift alone
     */
    public record Load(double grams, int unweighed, boolean forTwo, double liftGrams) {}

    public static Load load(Job job, List<Line> lines) {
        double grams = 0;
        int unweighed = 0;
        for (Line line : lines) {
            if (lineGrams(line) instanceof Figure.Known known) {
                grams += known.value();
            } else {
                unweighed += line.pieces();
            }
        }
        double limit = job.rules().value(HouseRules.Rule.TEAM_LIFT);
        return new Load(grams, unweighed, grams > limit, limit);
    }
}
