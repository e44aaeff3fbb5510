package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;

import java.util.stream.Stream;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.Build;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;

/** What the brief names is there: a demand that no build answers holds the job. */
final class AskedIsBuilt implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.asked")
            .family("brief")
            .title("What the brief names is built")
            .subjects("every configuration and every lens of the brief, and every change between configurations")
            .expectation("a build has it")
            .because("what is not built is not proven, and is found missing on the day")
            .source("the brief")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    /** Told once for the job. */
    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (!analysis.isFirstOfJob()) {
            return;
        }
        Brief brief = analysis.job().brief();
        Stream<ConfigurationId> changed = brief.asks().changes().stream().flatMap(c -> Stream.of(c.from(), c.to()));
        Stream.concat(brief.configurations().stream(), changed).distinct().forEach(id -> {
            boolean there = builds(analysis).anyMatch(b -> b.configuration(id).isPresent());
            ask(results, there, "configuration", "configuration '" + id + "'");
        });
        for (LensId id : brief.lenses()) {
            boolean there = builds(analysis).anyMatch(b -> b.lens(id).isPresent());
            ask(results, there, "lens", "lens '" + id + "'");
        }
    }

    private static Stream<Build> builds(RigAnalysis analysis) {
        return analysis.job().gear().builds().stream();
    }

    private static void ask(Results results, boolean there, String aspect, String what) {
        if (there) {
            results.fine();
            return;
        }
        results.found(
                About.of(aspect, named(what)),
                "No build has the " + what,
                new Evidence.Statement("on no build", "on one"),
                "The brief asks for it. Add it on the Bench, or take it out of the brief.");
    }
}
