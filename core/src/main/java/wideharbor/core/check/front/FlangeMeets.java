package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.MountChain;

/** The lens stands as far from the sensor as its mount is made for. */
final class FlangeMeets implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.flange")
            .family("front")
            .title("The flange distance is the lens's own")
            .subjects("the lens on the body's mount, with the adapters between")
            .expectation("the body's flange distance and the adapters' optical lengths add up to the lens's, within "
                    + "the house's tolerance")
            .because("too long a sum never focuses to infinity, too short a one puts every focus mark off; a wide lens "
                    + "shows it first")
            .formula("e = body + Σ adapters − lens; sharp to f² ÷ e at the most")
            .source("optics of a lens moved by e; flange distances of the standards, adapters as on file")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        MountChain.of(analysis.rig()).ifPresent(c -> judge(c, results));
    }

    private static void judge(MountChain chain, Results results) {
        RigAnalysis analysis = results.analysis();
        About about = About.of("sum", part(chain.lens().id()));
        chain.flange(analysis.rig(), analysis.standards(), analysis.rule(Rule.FLANGE))
                .ifPresentOrElse(
                        f -> results.judge(f.sum(), new Told(about, title(chain, f), why(chain, f), "optical length")),
                        () -> results.notChecked(about, missing(chain)));
    }

    private static String missing(MountChain chain) {
        return chain.unknown().isEmpty()
                ? "the flange distance of a mount under " + chain.lens().title() + " is not on file"
                : "the optical length of " + chain.unknown().get(0).title() + " is not on file";
    }

    private static String title(MountChain chain, MountChain.Flange flange) {
        return chain.lens().title() + " focuses " + Words.two(Math.abs(flange.errorMm())) + " mm "
                + (flange.errorMm() > 0 ? "short of infinity" : "beyond infinity");
    }

    private static String why(MountChain chain, MountChain.Flange flange) {
        if (flange.errorMm() < 0) {
            return "It stands too near the sensor: it focuses, but no mark on it is true, and a zoom drifts as it "
                    + "zooms. A shim of " + Words.two(-flange.errorMm()) + " mm at its mount mends it.";
        }
        double focal =
                chain.lens().type().facet(OpticalFacet.Lens.class).orElseThrow().focalMm() * chain.factor();
        return "It stands too far from the sensor: nothing beyond "
                + Words.one(MountChain.farthestMetres(focal, flange.errorMm()))
                + " m gets sharp. A shorter adapter mends it, or one whose shims are taken out.";
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return FrontFixes.otherAdapters(analysis);
    }
}
