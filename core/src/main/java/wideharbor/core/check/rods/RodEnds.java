package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.clearance.LensView;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.geometry.Pose;
import wideharbor.core.geometry.Solid;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.standard.Standard;

/** Rods end before the picture in front and before the operator behind. */
final class RodEnds implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rods.ends")
            .family("rods")
            .title("Rods are not too long")
            .subjects("every rod on the rig, per lens")
            .expectation(
                    "the front ends lie outside the lens's view, the rear ends do not stand out far behind the rig")
            .because("a rod that is long for one lens is in the picture of another, or in the operator's shoulder")
            .formula("view = window × squeeze / 2f from the entrance pupil, of a fisheye r = f·θ; rear = "
                    + "rods' end behind the rearmost part")
            .source("geometry; rear length by house rule")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build()
            .by(Rule.ROD_REAR);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Optional<LensView> view = analysis.view();
        for (Placed rods : analysis.rig().attached()) {
            Optional<RiggingFacet.Rods> facet = rods.type().facet(RiggingFacet.Rods.class);
            if (facet.isPresent()
                    && analysis.standards()
                                    .require(rods.port(facet.get().port()).standard())
                                    .family()
                            == Standard.Family.ROD) {
                front(rods, facet.get(), view, results);
                rear(analysis, rods, facet.get(), results);
            }
        }
    }

    private static void front(Placed rods, RiggingFacet.Rods facet, Optional<LensView> view, Results results) {
        RigAnalysis analysis = results.analysis();
        Pose pose = rods.portPose(facet.port());
        double half = Mating.rodSpacing(rods.port(facet.port()), analysis.standards()) / 2;
        LensView.Sight worst = LensView.Sight.OUT;
        for (double side : new double[] {-half, half}) {
            Vec3 end = pose.apply(new Vec3(side, facet.lengthMm(), 0));
            LensView.Sight sight = view.map(v -> v.of(end)).orElse(LensView.Sight.OUT);
            worst = sight.compareTo(worst) > 0 ? sight : worst;
        }
        if (worst == LensView.Sight.OUT) {
            results.fine();
            return;
        }
        String lens = analysis.build()
                .lens(analysis.rig().lens())
                .map(l -> " with " + l.title())
                .orElse("");
        if (worst == LensView.Sight.PERHAPS) {
            results.undecided(
                    About.of("front", part(rods.id())),
                    rods.title() + " may end in the picture" + lens,
                    new Evidence.Statement("front ends at the edge of the view", "ends outside it"),
                    "It depends on where the entrance pupil lies, which is not on file.");
            return;
        }
        results.found(
                About.of("front", part(rods.id())),
                rods.title() + " end in the picture" + lens,
                new Evidence.Statement("front ends inside the view", "ends outside it"),
                "Slide them back or take shorter ones for this lens.");
    }

    private static void rear(RigAnalysis analysis, Placed rods, RiggingFacet.Rods facet, Results results) {
        double end = rods.portPose(facet.port()).at().z();
        double rearmost = analysis.once(Rears.class, Rears::of).besides(rods.id());
        double out = rearmost - end;
        double limit = analysis.rule(Rule.ROD_REAR);
        if (Double.isInfinite(rearmost) || out <= limit) {
            results.fine();
            return;
        }
        results.found(
                About.of("rear", part(rods.id())),
                rods.title() + " stand out " + Words.length(out) + " behind the rig",
                Evidence.Amount.atMost(out, limit, "mm"),
                "They meet the operator, the wall of a tight room, or whoever walks past.");
    }

    /**
     * Where the rig ends behind, told once for all its rods.
     *
     * @param part whose end that is
     * @param atMm of it; of all others: {@code nextMm}; infinite where there is none
     */
    private record Rears(PlacementId part, double atMm, double nextMm) {
        static Rears of(RigAnalysis analysis) {
            Rears rears = new Rears(PlacementId.NONE, Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
            for (Placed placed : analysis.rigOnly()) {
                double least = Double.POSITIVE_INFINITY;
                for (Solid piece : analysis.clearances().matterOf(placed.id())) {
                    least = Math.min(least, piece.bounds().min().z());
                }
                rears = rears.with(placed.id(), least);
            }
            return rears;
        }

        private Rears with(PlacementId other, double leastMm) {
            return leastMm < atMm ? new Rears(other, leastMm, atMm) : new Rears(part, atMm, Math.min(nextMm, leastMm));
        }

        double besides(PlacementId rods) {
            return rods.equals(part) ? nextMm : atMm;
        }
    }

    /** Shorter rods of the same standard, the longest that do first. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Placed rods = analysis.rig().require(finding.key().part());
        RiggingFacet.Rods facet = rods.type().facet(RiggingFacet.Rods.class).orElseThrow();
        String standard = rods.port(facet.port()).standard();
        return Parts.byNearness(analysis).stream()
                .filter(t -> t.facet(RiggingFacet.Rods.class)
                        .filter(r -> r.lengthMm() < facet.lengthMm()
                                && t.port(r.port()).orElseThrow().standard().equals(standard))
                        .isPresent())
                .sorted(java.util.Comparator.comparingDouble(RodEnds::length).reversed())
                .map(t -> new Candidate(
                        "rods", t.name() + " in place of " + rods.type().name(), Parts.swap(analysis, rods.id(), t)))
                .toList();
    }

    private static double length(ItemType type) {
        return type.facet(RiggingFacet.Rods.class).orElseThrow().lengthMm();
    }
}
