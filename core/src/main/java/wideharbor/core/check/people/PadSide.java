package wideharbor.core.check.people;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.brief.Brief;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Parts;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.balance.Posture;
import wideharbor.core.people.Operator;
import wideharbor.core.rig.Placed;

/** The cut-out of a shoulder pad is on the side of the neck. */
public final class PadSide implements Check {
    private static final CheckCard CARD = new CheckCard(
            "people.pad-side",
            "people",
            "The pad’s cut-out is at the neck",
            "every pad with a cut-out on a shouldered rig",
            "the cut-out looks towards the head of the operator on whose shoulder it lies",
            "the wrong way round its edge presses on the neck and the rig slides off",
            "cut-out · left, by the brief’s shoulder",
            "the brief",
            Severity.STOP,
            false);
    private static final int MOST_SWAPS = 3;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        Brief.Crew crew = context.job().brief().crew();
        Posture.of(context, Facet.Support.Way.SHOULDER)
                .map(Posture::support)
                .ifPresent(pad -> pad.type()
                        .facet(Facet.Pad.class)
                        .ifPresent(facet -> judge(context, crew, pad, facet, results)));
    }

    private static boolean looksToHead(CheckContext context, Brief.Crew crew, Placed pad, Facet.Pad facet) {
        return pad.pose().turn(facet.cutOut()).dot(context.rig().world().left()) * Operator.towardsHead(crew) > 0;
    }

    private static void judge(CheckContext context, Brief.Crew crew, Placed pad, Facet.Pad facet, Results results) {
        if (looksToHead(context, crew, pad, facet)) {
            results.fine();
            return;
        }
        String shoulder = crew.shoulder().name().toLowerCase(java.util.Locale.ROOT);
        String needs = Operator.towardsHead(crew) > 0 ? "left" : "right";
        results.found(
                List.of(pad.id()),
                pad.title() + " has its cut-out away from the neck",
                new Evidence.Statement(
                        "cut-out to the " + (needs.equals("left") ? "right" : "left"), "to the " + needs),
                "It lies on the " + shoulder + " shoulder of " + crew.operator() + ", so the neck is on its " + needs
                        + ".");
    }

    /** The same pad made for the other shoulder, where the catalogue has one. */
    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        Placed pad = context.rig().require(finding.key().subjects().get(0));
        List<Candidate> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(context)) {
            boolean other = !type.ref().equals(pad.type().ref())
                    && type.facet(Facet.Pad.class).isPresent()
                    && pad.type().ports().stream()
                            .allMatch(p -> type.port(p.id()).isPresent());
            if (other && all.size() < MOST_SWAPS) {
                all.add(new Candidate(
                        "other",
                        type.name() + " in place of " + pad.type().name(),
                        Parts.swap(context, pad.id(), type)));
            }
        }
        return all;
    }
}
