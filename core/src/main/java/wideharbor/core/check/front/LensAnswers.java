package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Shoot.Focus;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.rig.MountChain;
import wideharbor.core.rig.Placed;

/** Where the camera is to hold focus, it can move the lens. */
final class LensAnswers implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.contacts")
            .family("front")
            .title("The body reaches the lens over its contacts")
            .subjects("the lens on the body's mount, where the brief says that the camera holds focus")
            .expectation("body, adapters and lens pass what moves the lens's rings, and autofocus stays whole")
            .because("a camera that cannot move the lens leaves focus to nobody")
            .source("the brief; contacts as on file")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        if (analysis.job().brief().asks().shoot().focus() == Focus.CAMERA) {
            MountChain.of(analysis.rig()).ifPresent(c -> judge(c, results));
        }
    }

    private static void judge(MountChain chain, Results results) {
        if (chain.silence().isEmpty()) {
            results.fine();
            return;
        }
        MountChain.Silence silence = chain.silence().get();
        Placed at = silence.part();
        About about = About.of("focus", part(chain.lens().id()), part(at.id()));
        if (silence instanceof MountChain.Silence.Unsaid) {
            results.notChecked(about, "what goes over the contacts of " + at.title() + " is not on file");
        } else if (silence instanceof MountChain.Silence.Worse) {
            results.found(
                    Severity.CAUTION,
                    about,
                    "Autofocus is worse behind " + at.title(),
                    new Evidence.Statement("degraded", "kept"),
                    "It hunts or is slow on " + chain.lens().title()
                            + ". Try it on this lens, in this light, before it is relied on.");
        } else {
            results.found(
                    about,
                    "The camera cannot move " + chain.lens().title(),
                    new Evidence.Statement("nothing that moves its rings", "contacts that do"),
                    at.title()
                            + " does not pass it, and the brief says that the camera holds focus. Somebody pulls, or "
                            + "another lens or adapter comes.");
        }
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        return MountChain.of(analysis.rig())
                .filter(c -> c.between().stream()
                        .anyMatch(p -> p.id().equals(finding.key().parts().get(1))))
                .map(c ->
                        FrontFixes.otherAdapters(analysis, finding.key().parts().get(1)))
                .orElse(List.of());
    }
}
