package wideharbor.core.check.brief;

import java.util.List;
import java.util.Map;
import wideharbor.core.brief.Shoot;
import wideharbor.core.catalog.Capability;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;

/** For everybody who looks there is a display, and for those without a cable a transmitter and a receiver. */
public final class Onlookers implements Check {
    private static final CheckCard CARD = new CheckCard(
            "brief.viewers",
            "brief",
            "A display for every viewer",
            "the displays, transmitters and receivers of rig and kit, against the viewers that the brief names",
            "as many displays as viewers; for viewers by radio a transmitter on the rig and a receiver each",
            "somebody who came to look stands behind somebody’s shoulder all day",
            "counted; the way of the picture to each is not walked here",
            "the brief",
            Severity.STOP,
            false);

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(CheckContext context, Results results) {
        List<Shoot.Viewer> viewers = context.job().brief().asks().shoot().viewers();
        if (viewers.isEmpty()) {
            return;
        }
        long shown = onRig(context, Capability.SHOWS_PICTURE) + inKit(context, Capability.SHOWS_PICTURE);
        count(results, "displays", "displays for the viewers", shown, viewers.size());
        long byRadio = viewers.stream().filter(Shoot.Viewer::byRadio).count();
        if (byRadio > 0) {
            count(results, "transmitter", "transmitter on the rig", onRig(context, Capability.SENDS_PICTURE), 1);
            count(results, "receivers", "receivers", inKit(context, Capability.RECEIVES_PICTURE) + onRig(context, Capability.RECEIVES_PICTURE), byRadio);
        }
    }

    private static void count(Results results, String subject, String what, long has, long needs) {
        if (has >= needs) {
            results.fine();
            return;
        }
        results.found(
                List.of("viewers", subject),
                (needs - has) + " too few " + what,
                Evidence.Amount.atLeast(has, needs, ""),
                "The brief names them; add them to the kit or agree who shares.");
    }

    private static long onRig(CheckContext context, Capability capability) {
        return context.rig().attached().stream()
                .filter(p -> p.type().can(capability))
                .count();
    }

    private static long inKit(CheckContext context, Capability capability) {
        return context.kit().counts().entrySet().stream()
                .filter(e -> context.catalogue().require(e.getKey()).can(capability))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }
}
