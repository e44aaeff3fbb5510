package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.Mass;
import wideharbor.core.balance.Statics;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.geometry.Convex;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Legs keep the rig standing through a slope or a knock. */
final class Tipping implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.tipping")
            .family("balance")
            .title("It does not tip")
            .subjects("what stands on feet, per lens")
            .expectation("the centre of mass stays between the feet when the ground leans by the house’s figure")
            .because("a tripod is kicked, a deck rolls, a hill slopes")
            .formula("angle = atan(margin / height over the feet)")
            .source("statics; the feet as the catalogue has them")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Placed legs : rig.attached()) {
            legs.type().facet(SupportFacet.Feet.class).ifPresent(feet -> judge(analysis, legs, feet, results));
        }
    }

    private static void judge(RigAnalysis analysis, Placed legs, SupportFacet.Feet feet, Results results) {
        Rig rig = analysis.rig();
        Mass all = Mass.of(rig, rig.subtree(rig.content().root()));
        List<String> open =
                all.unweighed().stream().filter(t -> !t.equals(legs.title())).toList();
        if (!open.isEmpty()) {
            results.notChecked(About.of("tipping", part(legs.id())), "no mass on file for " + String.join(", ", open));
            return;
        }
        Convex.Bounds ground = analysis.clearances().matterOf(legs.id()).stream()
                .map(Convex::bounds)
                .reduce(Convex.Bounds::with)
                .orElse(null);
        if (ground == null) {
            results.notChecked(About.of("tipping", part(legs.id())), "no shape on file for " + legs.title());
            return;
        }
        var world = rig.world();
        var middle = legs.pose().at();
        double height = all.centre().dot(world.up()) - floor(analysis, legs);
        double off = Math.hypot(
                all.centre().minus(middle).dot(world.forward()),
                all.centre().minus(middle).dot(world.left()));
        double inner = feet.count() > 2 ? feet.radiusMm() * Math.cos(Math.PI / feet.count()) : feet.radiusMm();
        double angle = Statics.tipAngle(inner - off, height);
        double need = analysis.rule(Rule.TIP_ANGLE);
        if (angle >= need) {
            results.fine();
            return;
        }
        results.found(
                About.of("tipping", part(legs.id())),
                legs.title() + " tips at " + Words.one(angle) + "°" + analysis.withLens(),
                Evidence.Amount.atLeast(angle, need, "°"),
                "The centre of mass is " + Words.length(height) + " up and " + Words.length(Math.max(0, inner - off))
                        + " inside the nearest edge of the feet. Spread the legs, turn one to the heavy side, or weigh"
                        + " them down; a local rule or a rigger may ask for more.");
    }

    /** The lowest point of the legs, along the world's up. */
    private static double floor(RigAnalysis analysis, Placed legs) {
        return analysis.clearances().matterOf(legs.id()).stream()
                .flatMap(c -> c.corners().stream())
                .mapToDouble(c -> c.dot(analysis.rig().world().up()))
                .min()
                .orElse(0);
    }
}
