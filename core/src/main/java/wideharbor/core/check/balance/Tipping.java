package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.analysis.Stand;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** Legs keep the rig standing through a slope or a knock. */
final class Tipping implements Check {
    private static final String MEND =
            "Spread the legs, turn one to the heavy side, or weigh them down; a local rule or a"
                    + " rigger may ask for more.";

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.tipping")
            .family("balance")
            .title("It does not tip")
            .subjects("what stands on feet, per lens and while the lens is off")
            .expectation("the centre of mass stays between the feet when the ground leans by the house’s figure, "
                    + "panned anywhere;"
                    + " tilted anywhere, when it leans by a lesser one")
            .because("a tripod is kicked, a deck rolls, a hill slopes")
            .formula("angle = atan(margin / height over the feet); tilted by θ what turns is h·sin θ + d·cos θ ahead")
            .source("statics; the feet as the catalogue has them")
            .severity(Severity.STOP)
            .perLens(true)
            .emptySlot(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        List<Stand> stands = Stand.of(analysis);
        for (Placed legs : analysis.rig().attached()) {
            if (Stand.isOnFeet(legs)) {
                stands.stream()
                        .filter(s -> s.legs().id().equals(legs.id()))
                        .findFirst()
                        .ifPresentOrElse(
                                s -> judge(s, results),
                                () -> results.notChecked(
                                        About.of("tipping", part(legs.id())), "no shape on file for " + legs.title()));
            }
        }
    }

    private static void judge(Stand stand, Results results) {
        About about = About.of("tipping", part(stand.legs().id()));
        List<String> open = stand.all().unweighed().stream()
                .filter(t -> !t.equals(stand.legs().title()))
                .toList();
        if (!open.isEmpty()) {
            results.notChecked(about, "no mass on file for " + String.join(", ", open));
            return;
        }
        String with = results.analysis().withLens();
        results.judge(
                stand.level(),
                new Told(
                        about,
                        stand.legs().title() + " tips at "
                                + Words.one(stand.level().value()) + "°" + with,
                        "The centre of mass is " + Words.length(stand.heightMm()) + " up and "
                                + Words.length(Math.max(0, stand.marginMm()))
                                + " inside the nearest edge of the feet, panned to where that is least. " + MEND,
                        stand.widest()));
        // While a lens is changed the head is level and locked.
        if (!results.analysis().isLensOff() && !stand.level().isFound() && stand.tiltDegrees() != 0) {
            results.judge(
                    stand.tilted(),
                    new Told(
                            about.as("tilted"),
                            stand.legs().title() + " tips at "
                                    + Words.one(stand.tilted().value()) + "° when the head is tilted "
                                    + Words.one(Math.abs(stand.tiltDegrees())) + "° nose "
                                    + (stand.tiltDegrees() > 0 ? "down" : "up") + with,
                            "Tilted, the rig leans out over its feet. " + MEND,
                            stand.widest()));
        }
    }
}
