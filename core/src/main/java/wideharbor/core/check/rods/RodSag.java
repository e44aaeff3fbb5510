package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.part;

import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Joint;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Rods do not sink under what rides on them. */
final class RodSag implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rods.sag")
            .family("rods")
            .title("Rods stay straight")
            .subjects("rods that carry something ahead of what holds them")
            .expectation("the free end sinks by no more than the house allows where a motor or a box rides")
            .because("a box off its centre shades a corner; a motor off its mesh slips")
            .formula("δ = F·L³ / (3·E·I), half the load on each rod of a pair")
            .source("beam theory; wall and material by the maker")
            .severity(Severity.CAUTION)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        for (Placed rods : analysis.rig().attached()) {
            rods.type().facet(RiggingFacet.Rods.class).ifPresent(f -> judge(analysis, rods, f, results));
        }
    }

    private static void judge(RigAnalysis analysis, Placed rods, RiggingFacet.Rods facet, Results results) {
        Rig rig = analysis.rig();
        Optional<Joint> holder = rig.locatedBy(rods.id());
        if (holder.isEmpty()) {
            return;
        }
        double from = rig.held(holder.get()).map(h -> h.span().to()).orElse(0.0);
        Sag sag = sag(analysis, rods, facet, from);
        double allowed = analysis.rule(Rule.ROD_SAG);
        if (sag.by().isEmpty()) {
            return;
        }
        if (sag.mm() <= allowed) {
            results.fine();
            return;
        }
        results.found(
                About.of("sag", part(rods.id())),
                rods.title() + " sink " + Words.two(sag.mm()) + " mm",
                Evidence.Amount.atMost(sag.mm(), allowed, "mm"),
                "At " + sag.by() + ". Shorter or thicker rods, or a second bracket further out.");
    }

    /** How far the rods sink under what rides beyond their holder, and the last of what does. */
    private record Sag(double mm, String by) {}

    private static Sag sag(RigAnalysis analysis, Placed rods, RiggingFacet.Rods facet, double from) {
        Rig rig = analysis.rig();
        double worst = 0;
        String by = "";
        for (Joint joint : rig.carriedBy(rods.id())) {
            Optional<Rig.HeldStretch> at = rig.held(joint);
            if (at.isEmpty() || rig.find(joint.child().placement()).isEmpty()) {
                continue;
            }
            double free = (at.get().span().from() + at.get().span().to()) / 2 - from;
            if (free > 0) {
                double newton =
                        (Mass.of(rig, rig.subtree(joint.child().placement())).grams() / 1000 * Statics.G
                                        + support(analysis, joint.child().placement()))
                                / count(analysis, rods, facet);
                worst += Statics.sag(
                        newton,
                        free,
                        facet.material().modulus(),
                        Statics.areaMoment(facet.diameterMm(), facet.wallMm()));
                by = rig.title(joint.child().placement());
            }
        }
        return new Sag(worst, by);
    }

    /** What a lens brace on the rods bears of the lens, N. */
    private static double support(RigAnalysis analysis, PlacementId placement) {
        return analysis.lensMoment()
                .flatMap(LensMoment::support)
                .filter(s -> s.by().equals(placement))
                .map(s -> Math.max(0, s.supportNewton()))
                .orElse(0.0);
    }

    private static int count(RigAnalysis analysis, Placed rods, RiggingFacet.Rods facet) {
        return Mating.rodSpacing(rods.port(facet.port()), analysis.standards()) > 0 ? 2 : 1;
    }
}
