package wideharbor.core.check.mount;

import java.util.List;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.build.Scoped;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Say;
import wideharbor.core.check.Settle;
import wideharbor.core.check.Severity;
import wideharbor.core.rig.Closing;

/** Closing joints meet: a side plate between top and bottom, a support under a lens. */
public final class JointsClose implements Check {
    private static final CheckCard CARD = new CheckCard(
            "joints.close",
            "mount",
            "Closing joints meet",
            "every closing joint",
            "gap, offset and angle between the faces stay within tolerance",
            "a face drawn together by force bends what it ties; a support that does not touch carries nothing",
            "gap along the face's normal, offset in its plane, angle between the normals",
            "geometry",
            Severity.STOP,
            true);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        double gapLimit = context.rule(Rule.CLOSURE_GAP);
        double angleLimit = context.rule(Rule.CLOSURE_ANGLE);
        for (Closing closing : context.rig().closings()) {
            String a = context.rig().title(closing.joint().parent().placement());
            String b = context.rig().title(closing.joint().child().placement());
            double miss = Math.max(Math.abs(closing.gapMm()), closing.offsetMm());
            if (miss > gapLimit + 1e-6) {
                String how = Math.abs(closing.gapMm()) < closing.offsetMm() ? " off" : closing.gapMm() > 0 ? " apart" : " into";
                results.found(
                        List.of(closing.joint().id()),
                        b + " " + Say.mm(miss) + (how.equals(" into") ? " into " : how + " from ") + a,
                        Evidence.Amount.atMost(miss, gapLimit, "mm"),
                        "The joint does not close as the parts stand.");
            } else if (closing.angleDegrees() > angleLimit) {
                results.found(
                        List.of(closing.joint().id()),
                        b + " meets " + a + " at " + Say.one(closing.angleDegrees()) + "°",
                        Evidence.Amount.atMost(closing.angleDegrees(), angleLimit, "°"),
                        "The faces bear on one edge.");
            } else {
                results.fine();
            }
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, CheckContext context) {
        List<Scoped> settle = Settle.closing(context, finding.key().subjects().get(0));
        return settle.isEmpty()
                ? List.of()
                : List.of(new Candidate("set", "Set the height that closes it", settle));
    }
}
