package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.whole;

import java.util.ArrayList;
import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot.Orientation;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.id.LensId;

/** The picture stands as the brief wants it in one of the configurations that it asks for. */
final class PictureStands implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.orientation")
            .family("brief")
            .title("The picture stands as it is wanted")
            .subjects("the configurations of each build that the brief asks for")
            .expectation("one of them stands upright for a landscape picture, one lies on its side for a portrait one")
            .because("a body that is rolled needs other plates, sockets and doors: that is not found out on the day")
            .formula("which of the body’s faces looks up")
            .source("the brief")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    /** Told once for a build, with its first configuration and lens: no lens turns the picture. */
    @Override
    public void run(RigAnalysis analysis, Results results) {
        Orientation wanted = analysis.job().brief().asks().shoot().orientation();
        Build build = analysis.build();
        Configuration first = build.configurations().get(0);
        if (wanted == Orientation.ANY
                || !analysis.rig().configuration().id().equals(first.id())
                || !isFirstLens(build, analysis.rig().lens())) {
            return;
        }
        List<Boolean> stands = new ArrayList<>();
        for (Configuration configuration : build.configurations()) {
            if (analysis.job().brief().configurations().contains(configuration.id())) {
                stands.add(analysis.beside(configuration.id()).rig().world().isRolled());
            }
        }
        if (wanted != Orientation.PORTRAIT) {
            ask(results, stands.contains(false), "landscape", "upright");
        }
        if (wanted != Orientation.LANDSCAPE) {
            ask(results, stands.contains(true), "portrait", "on its side");
        }
    }

    private static boolean isFirstLens(Build build, LensId lens) {
        return build.lenses().isEmpty() || build.lenses().get(0).id().equals(lens);
    }

    private static void ask(Results results, boolean there, String picture, String how) {
        if (there) {
            results.fine();
            return;
        }
        results.found(
                About.of(picture, whole()),
                "No configuration for a " + picture + " picture",
                new Evidence.Statement("none stands " + how, "one that the brief asks for"),
                "Derive one: the Bench turns the support and looks for the plates.");
    }
}
