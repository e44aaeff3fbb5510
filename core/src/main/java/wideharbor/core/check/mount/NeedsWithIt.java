package wideharbor.core.check.mount;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.Relation;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Chains;
import wideharbor.core.edit.Parts;
import wideharbor.core.job.Subject;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** What a part cannot do without is on the rig with it. */
final class NeedsWithIt implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("mount.needs")
            .family("mount")
            .title("What a part needs is with it")
            .subjects("every part that names another it cannot do without")
            .expectation("the part it needs, or one that can do as much, is on the rig, and joined to it unless "
                    + "both are wired")
            .because("a bracket without its plate, or a hood without its bracket, is found out on the day")
            .source("relations of the part in the catalogue")
            .severity(Severity.STOP)
            .build();
    private static final int MOST_TRIED = 6;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed placed : analysis.rig().attached()) {
            for (Relation need : placed.type().relations(Relation.Kind.NEEDS)) {
                if (isThere(analysis, placed, need)) {
                    results.fine();
                    continue;
                }
                results.found(
                        About.of("needs", part(placed.id()), Subject.named(need.other())),
                        placed.title() + " needs " + named(analysis, need),
                        new Evidence.Statement(
                                isAnywhere(analysis, placed, need) ? "elsewhere on the rig" : "not on the rig",
                                named(analysis, need)),
                        need.why());
            }
        }
    }

    /** With it on the rig, or plugged into it. */
    private static boolean isThere(RigAnalysis analysis, Placed placed, Relation need) {
        return others(analysis, placed, need).anyMatch(o -> isWithIt(analysis.rig(), placed, o))
                || analysis.rig().content().cables().stream()
                        .anyMatch(c -> need.means(analysis.catalogue().require(c.type())));
    }

    private static boolean isAnywhere(RigAnalysis analysis, Placed placed, Relation need) {
        return others(analysis, placed, need).findAny().isPresent();
    }

    private static Stream<Placed> others(RigAnalysis analysis, Placed placed, Relation need) {
        return analysis.rig().attached().stream().filter(o -> !o.id().equals(placed.id()) && need.means(o.type()));
    }

    /**
     * What works by a cable or by radio may sit anywhere; what holds or ties does nothing for a part that it neither
     * carries, hangs on nor is joined to.
     */
    private static boolean isWithIt(Rig rig, Placed placed, Placed other) {
        boolean wired =
                !placed.type().sockets().isEmpty() && !other.type().sockets().isEmpty();
        return wired
                || rig.subtree(placed.id()).contains(other.id())
                || rig.subtree(other.id()).contains(placed.id())
                || carries(rig, placed, other)
                || rig.liveJoints().stream().anyMatch(j -> j.joins(placed.id(), other.id()));
    }

    /** Whether the other holds the rods that a part rides on: they may hang on one clamp and lie in others. */
    private static boolean carries(Rig rig, Placed placed, Placed other) {
        return rig.pathToRoot(placed.id()).stream()
                .map(j -> j.parent().placement())
                .filter(p ->
                        rig.require(p).type().facet(RiggingFacet.Rods.class).isPresent())
                .anyMatch(p -> rig.liveJoints().stream().anyMatch(k -> k.joins(p, other.id())));
    }

    static String named(RigAnalysis analysis, Relation relation) {
        return analysis.catalogue().current().stream()
                .filter(t -> t.ref().id().equals(relation.other()))
                .map(ItemType::name)
                .findFirst()
                .orElseGet(() -> relation.namesCapability()
                        ? "something that "
                                + relation.other().toLowerCase(Locale.ROOT).replace('_', ' ')
                        : relation.other());
    }

    /**
     * Puts what is needed between a part and its carrier, or on a free port of the rig, as it is or through adapters.
     */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Placed placed = analysis.rig().require(finding.key().part());
        String other = finding.key().name();
        Optional<Relation> need = placed.type().relations(Relation.Kind.NEEDS).stream()
                .filter(r -> r.other().equals(other))
                .findFirst();
        List<ItemType> wanted = Parts.byNearness(analysis).stream()
                .filter(t -> need.filter(n -> n.means(t)).isPresent())
                .limit(MOST_TRIED)
                .toList();
        List<PortRef> free = freePorts(analysis);
        List<Candidate> all = new ArrayList<>();
        wanted.forEach(t -> all.addAll(between(analysis, placed, t)));
        wanted.forEach(t -> all.addAll(direct(analysis, free, t)));
        wanted.forEach(t -> all.addAll(through(analysis, free, t)));
        return all;
    }

    private static List<Candidate> between(RigAnalysis analysis, Placed placed, ItemType type) {
        Optional<Joint> joint = analysis.rig().locatedBy(placed.id());
        if (joint.isEmpty()) {
            return List.of();
        }
        Port on = analysis.rig().port(joint.get().parent());
        Port foot = analysis.rig().port(joint.get().child());
        List<Candidate> all = new ArrayList<>();
        for (Port in : type.ports()) {
            for (Port out : type.ports()) {
                if (!in.id().equals(out.id())
                        && Mating.mates(on, in, analysis.standards())
                        && Mating.mates(out, foot, analysis.standards())) {
                    AdapterFinder.Link link = new AdapterFinder.Link(type, in.id(), out.id());
                    all.add(new Candidate(
                            "between",
                            type.name() + " between "
                                    + analysis.rig().title(joint.get().parent().placement()) + " and " + placed.title(),
                            Chains.between(
                                    analysis, joint.get(), new AdapterFinder.Chain(List.of(link), true, true, 0, 0))));
                }
            }
        }
        return all;
    }

    private static List<PortRef> freePorts(RigAnalysis analysis) {
        List<PortRef> free = new ArrayList<>();
        for (Placed carrier : analysis.rig().attached()) {
            for (Port on : carrier.type().ports()) {
                PortRef ref = new PortRef(carrier.id(), on.id());
                if (isFree(analysis, ref)) {
                    free.add(ref);
                }
            }
        }
        return free;
    }

    private static boolean isFree(RigAnalysis analysis, PortRef ref) {
        return analysis.rig().port(ref).occupancy() instanceof Port.Occupancy.Single
                && analysis.rig().liveJoints().stream()
                        .noneMatch(j -> j.parent().equals(ref) || j.child().equals(ref));
    }

    private static List<Candidate> direct(RigAnalysis analysis, List<PortRef> free, ItemType type) {
        List<Candidate> all = new ArrayList<>();
        for (PortRef on : free) {
            for (Port own : type.ports()) {
                if (all.size() < MOST_TRIED && Mating.mates(analysis.rig().port(on), own, analysis.standards())) {
                    all.add(candidate(analysis, on, List.of(), end(type, own)));
                }
            }
        }
        return all;
    }

    private static List<Candidate> through(RigAnalysis analysis, List<PortRef> free, ItemType type) {
        List<Candidate> all = new ArrayList<>();
        for (PortRef on : free) {
            AdapterFinder.Reach reach =
                    analysis.catalogue().adapters().from(analysis.rig().port(on));
            for (Port own : type.ports()) {
                if (all.size() < MOST_TRIED) {
                    reach.to(own).ifPresent(c -> all.add(candidate(analysis, on, c.links(), end(type, own))));
                }
            }
        }
        return all;
    }

    private static AdapterFinder.Link end(ItemType type, Port own) {
        return new AdapterFinder.Link(type, own.id(), own.id());
    }

    /** Hangs a part on a port, by way of those between. */
    private static Candidate candidate(
            RigAnalysis analysis, PortRef on, List<AdapterFinder.Link> between, AdapterFinder.Link end) {
        var scope = analysis.scopeOf(on.placement());
        List<AdapterFinder.Link> links = new ArrayList<>(between);
        links.add(end);
        ItemType type = end.type();
        String by = between.isEmpty()
                ? ""
                : " by "
                        + String.join(
                                " and ",
                                between.stream().map(l -> l.type().name()).toList());
        return new Candidate(
                "add",
                "Add " + type.name() + " on " + analysis.rig().title(on.placement()) + by,
                Chains.hang(analysis, scope, on, new AdapterFinder.Chain(links, true, true, 0, 0))
                        .commands());
    }
}
