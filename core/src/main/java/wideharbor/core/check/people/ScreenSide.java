package wideharbor.core.check.people;

import static wideharbor.core.job.Subject.part;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief;
import wideharbor.core.brief.Profile;
import wideharbor.core.catalog.Category;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;

/** The screen on the rig is on the side where the operator looks. */
final class ScreenSide implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("people.screen-side")
            .family("people")
            .title("The screen is on the operator’s side")
            .subjects("every screen on the rig, when the operator says on which side to look")
            .expectation("its middle is on that side, or over the middle")
            .because("a screen on the other side is seen past the lens")
            .formula("(screen − mount) · left")
            .source("the brief")
            .severity(Severity.CAUTION)
            .build();
    private static final double MIDDLE = 40;

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Brief.Crew crew = analysis.job().brief().crew();
        Profile.Screen wanted = crew.profile().screen();
        if (wanted == Profile.Screen.ANY || !analysis.rig().isSupported()) {
            return;
        }
        analysis.rig().attached().stream()
                .filter(p -> p.type().category() == Category.MONITOR)
                .forEach(screen -> {
                    double left = screen.middle().dot(analysis.rig().world().left());
                    boolean isThere = Math.abs(left) <= MIDDLE || left > 0 == (wanted == Profile.Screen.LEFT);
                    if (isThere) {
                        results.fine();
                        return;
                    }
                    String side = wanted.name().toLowerCase(java.util.Locale.ROOT);
                    results.found(
                            About.of("side", part(screen.id())),
                            screen.title() + " is on the other side of " + crew.operator(),
                            new Evidence.Statement(left > 0 ? "left" : "right", side),
                            "The operator looks to the " + side + "."
                                    + (crew.profile().reason().isBlank()
                                            ? ""
                                            : " " + crew.profile().reason()));
                });
    }
}
