package wideharbor.core.check.ways;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;

/** What wanted traits ask of a rig: which parts are on it, and where they are as the world stands. */
record TraitView(RigAnalysis analysis) {
    /** A part, or nothing in particular, that is not as somebody wants it. */
    record Miss(Subject subject, String has) {}

    List<Placed> all(Predicate<Placed> which) {
        return analysis.rig().attached().stream().filter(which).toList();
    }

    List<Placed> of(Category category) {
        return all(p -> p.type().category() == category);
    }

    List<Placed> able(Capability capability) {
        return all(p -> p.type().can(capability));
    }

    List<Placed> with(Class<? extends Facet> facet) {
        return all(p -> p.type().facet(facet).isPresent());
    }

    /** One miss for each of these parts. */
    List<Miss> each(List<Placed> parts) {
        return parts.stream()
                .map(p -> new Miss(Subject.part(p.id()), p.title()))
                .toList();
    }

    List<Miss> each(List<Placed> parts, Predicate<Placed> wrong) {
        return each(parts.stream().filter(wrong).toList());
    }

    /** A miss when nothing of the kind is there. */
    List<Miss> none(List<Placed> parts, String has) {
        return parts.isEmpty() ? List.of(new Miss(Subject.whole(), has)) : List.of();
    }

    Optional<Placed> body() {
        return analysis.rig().find(analysis.rig().content().root());
    }

    /** From the lens mount along the level axis, mm; ahead is positive. */
    double ahead(Placed part) {
        return part.middle().dot(analysis.rig().world().forward());
    }

    /** Over the lens mount, mm. */
    double over(Placed part) {
        return part.middle().dot(analysis.rig().world().up());
    }

    /** To camera left as the world stands, mm. */
    double left(Placed part) {
        return part.middle().dot(analysis.rig().world().left());
    }

    /** Well behind the body. */
    boolean isBehind(Placed part) {
        return body().map(b -> ahead(part) < ahead(b) - 60).orElse(false);
    }

    /** A miss for each plugged cable of a kind that is not as wanted. */
    List<Miss> cables(Socket.Kind kind, Predicate<PowerFacet.Cable> wrong) {
        List<Miss> misses = new ArrayList<>();
        for (CableRun run : analysis.rig().content().cables()) {
            ItemType type = analysis.catalogue().require(run.type());
            type.facet(PowerFacet.Cable.class)
                    .filter(f -> f.carries() == kind && wrong.test(f))
                    .ifPresent(f -> misses.add(new Miss(Subject.cable(run.id()), type.name())));
        }
        return misses;
    }

    static boolean standsOn(Placed part, String standard) {
        return part.type().ports().stream().anyMatch(p -> p.standard().equals(standard));
    }

    static List<Miss> join(List<Miss> a, List<Miss> b) {
        List<Miss> all = new ArrayList<>(a);
        all.addAll(b);
        return all;
    }
}
