package wideharbor.core.check.people;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.Posture;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.people.Operator;
import wideharbor.core.rig.Placed;

/** The cut-out of a shoulder pad is on the side of the neck. */
final class PadSide implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("people.pad-side")
            .family("people")
            .title("The pad’s cut-out is at the neck")
            .subjects("every pad with a cut-out on a shouldered rig")
            .expectation("the cut-out looks towards the head of the operator on whose shoulder it lies")
            .because("the wrong way round its edge presses on the neck and the rig slides off")
            .formula("cut-out · left, by the brief’s shoulder")
            .source("the brief")
            .severity(Severity.STOP)
            .build();
    private static final int MOST_SWAPS = 3;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Brief.Crew crew = analysis.job().brief().crew();
        Posture.of(analysis, SupportFacet.Support.Way.SHOULDER)
                .map(Posture::support)
                .ifPresent(pad ->
                        pad.type().facet(SupportFacet.Pad.class).ifPresent(facet -> judge(crew, pad, facet, results)));
    }

    private static boolean looksToHead(RigAnalysis analysis, Brief.Crew crew, Placed pad, SupportFacet.Pad facet) {
        return pad.pose().turn(facet.cutOut()).dot(analysis.rig().world().left()) * Operator.towardsHead(crew) > 0;
    }

    private static void judge(Brief.Crew crew, Placed pad, SupportFacet.Pad facet, Results results) {
        RigAnalysis analysis = results.analysis();
        if (looksToHead(analysis, crew, pad, facet)) {
            results.fine();
            return;
        }
        String shoulder = crew.shoulder().name().toLowerCase(java.util.Locale.ROOT);
        String needs = Operator.towardsHead(crew) > 0 ? "left" : "right";
        results.found(
                About.of("side", part(pad.id())),
                pad.title() + " has its cut-out away from the neck",
                new Evidence.Statement(
                        "cut-out to the " + (needs.equals("left") ? "right" : "left"), "to the " + needs),
                "It lies on the " + shoulder + " shoulder of " + crew.operator() + ", so the neck is on its " + needs
                        + ".");
    }

    /** The same pad made for the other shoulder, where the catalogue has one. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Placed pad = analysis.rig().require(finding.key().part());
        List<Candidate> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            boolean other = !type.ref().equals(pad.type().ref())
                    && type.facet(SupportFacet.Pad.class).isPresent()
                    && pad.type().ports().stream()
                            .allMatch(p -> type.port(p.id()).isPresent());
            if (other && all.size() < MOST_SWAPS) {
                all.add(new Candidate(
                        "other",
                        type.name() + " in place of " + pad.type().name(),
                        Parts.swap(analysis, pad.id(), type)));
            }
        }
        return all;
    }
}
