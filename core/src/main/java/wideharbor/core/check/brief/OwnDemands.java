package wideharbor.core.check.brief;

import static wideharbor.core.job.Subject.named;

import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;

/** Demands in words: no arithmetic decides them, so a named person does, by reading this. */
final class OwnDemands implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("brief.own")
            .family("brief")
            .title("Demands in words are seen to")
            .subjects("every demand that the brief puts in words")
            .expectation("somebody has seen to it and put their name to it")
            .because("what no check can judge is otherwise judged by nobody")
            .source("the brief; whoever marks it read")
            .severity(Severity.CAUTION)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.isFirstOfJob()) {
            analysis.job()
                    .brief()
                    .asks()
                    .own()
                    .forEach(words -> results.notChecked(
                            About.of("demand", named(words)), "“" + words + "”; see to it, then mark this read"));
        }
    }
}
