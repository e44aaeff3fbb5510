package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.ItemType;
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
import wideharbor.core.edit.PartEdits;
import wideharbor.core.edit.Parts;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Rods reach from the rearmost clamp to the far face of the foremost, with a margin before their end. */
final class RodReach implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rods.reach")
            .family("rods")
            .title("Rods are long enough")
            .subjects("every pair of rods with clamps on it")
            .expectation("the rods run from the rearmost clamp to the far face of the foremost, plus a margin")
            .because("a clamp that leaves the rod drops what it holds; the longest lens decides")
            .formula("length ≥ rear run + bracket + front run + margin")
            .source("geometry; margin by house rule")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    /** Where the clamps are in the rods' own coordinate (0 at the rear end), and what length that takes. */
    record Reach(double rear, double front, double needed, PlacementId foremost) {}

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed rods : analysis.rig().attached()) {
            rods.type()
                    .facet(RiggingFacet.Rods.class)
                    .ifPresent(f -> reach(analysis, rods, f).ifPresent(r -> judge(rods, f, r, results)));
        }
    }

    static Optional<Reach> reach(RigAnalysis analysis, Placed rods, RiggingFacet.Rods facet) {
        Rig rig = analysis.rig();
        List<Rig.HeldStretch> held = new ArrayList<>();
        for (Joint joint : rig.liveJoints()) {
            rig.held(joint)
                    .filter(h -> h.carrier().placement().equals(rods.id())
                            && h.carrier().port().equals(facet.port()))
                    .ifPresent(held::add);
        }
        return held.stream().max(Comparator.comparingDouble(h -> h.span().to())).map(front -> {
            double rear = held.stream().mapToDouble(h -> h.span().from()).min().orElseThrow();
            double far = front.span().to();
            double needed = far - rear + analysis.rule(Rule.ROD_MARGIN);
            return new Reach(rear, far, needed, front.clamp().placement());
        });
    }

    private static void judge(Placed rods, RiggingFacet.Rods facet, Reach reach, Results results) {
        RigAnalysis analysis = results.analysis();
        double margin = analysis.rule(Rule.ROD_MARGIN);
        double length = facet.lengthMm();
        double over = reach.front() + margin - length;
        double behind = -reach.rear();
        if (over <= 0.05 && behind <= 0.05) {
            results.fine();
            return;
        }
        boolean ahead = over >= behind;
        double needed = ahead ? reach.front() + margin : length + behind;
        results.found(
                About.of(ahead ? "front" : "rear", part(rods.id())),
                rods.title() + ": " + Words.length(needed - length) + " short" + (ahead ? "" : " at the rear"),
                Evidence.Amount.atLeast(length, needed, "mm"),
                (ahead
                                ? analysis.rig().title(reach.foremost()) + " needs the rods to end "
                                        + Words.length(margin) + " beyond its clamp"
                                : "The rearmost clamp leaves the rods")
                        + ".");
    }

    /**
     * Short at the rear: rods or clamps moved along by as much. Then longer rods of the same standard, the shortest
     * that do; rear ends stay where they are.
     */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        if (finding.key().is("rear")) {
            all.addAll(slid(finding, analysis));
        }
        all.addAll(longer(finding, analysis));
        return all;
    }

    private static List<Candidate> slid(Finding finding, RigAnalysis analysis) {
        Rig rig = analysis.rig();
        PlacementId rods = finding.key().part();
        Evidence.Amount amount = (Evidence.Amount) finding.evidence();
        double by = Math.ceil((amount.neededFrom() - amount.measured()) * 2) / 2;
        List<Candidate> all = new ArrayList<>();
        for (Motion motion : rig.motions()) {
            boolean onRods = motion.alongCarrier()
                    && motion.joint()
                            .flatMap(rig.content()::joint)
                            .filter(j -> j.parent().placement().equals(rods)
                                    || j.child().placement().equals(rods))
                            .isPresent();
            if (onRods) {
                for (double value : new double[] {motion.value() + by, motion.value() - by}) {
                    all.add(new Candidate(
                            "slide",
                            "Slide " + rig.title(motion.key().placement()) + " " + Words.mm(by) + ", to "
                                    + Words.one(value),
                            PartEdits.set(analysis, motion.key(), value, false)));
                }
            }
        }
        return all;
    }

    private static List<Candidate> longer(Finding finding, RigAnalysis analysis) {
        Placed rods = analysis.rig().require(finding.key().part());
        RiggingFacet.Rods facet = rods.type().facet(RiggingFacet.Rods.class).orElseThrow();
        Evidence.Amount amount = (Evidence.Amount) finding.evidence();
        String standard = rods.port(facet.port()).standard();
        return Parts.byNearness(analysis).stream()
                .filter(t -> t.facet(RiggingFacet.Rods.class)
                        .filter(r -> r.lengthMm() >= amount.neededFrom() - 0.05
                                && t.port(r.port()).orElseThrow().standard().equals(standard))
                        .isPresent())
                .sorted(Comparator.comparingDouble(RodReach::length))
                .map(t -> new Candidate(
                        "rods", t.name() + " in place of " + rods.type().name(), Parts.swap(analysis, rods.id(), t)))
                .toList();
    }

    private static double length(ItemType type) {
        return type.facet(RiggingFacet.Rods.class).orElseThrow().lengthMm();
    }
}
