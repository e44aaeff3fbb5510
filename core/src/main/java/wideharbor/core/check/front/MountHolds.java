package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.LensMoment;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.front.Mesh;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.MountChain;
import wideharbor.core.standard.Standard.Lock;

/** No mount between body and lens gives when a drive reaches the end of its ring. */
final class MountHolds implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.lock")
            .family("front")
            .title("The mount holds against the drive")
            .subjects("every mount between the body and a lens that a motor drives")
            .expectation("a locking ring; or a brace on the lens; or no more torque than such a mount takes")
            .because("a motor at full throw turns a lens in a sprung mount: the picture jumps and the marks are off, "
                    + "and with the catch worn the lens comes off")
            .formula("torque at the ring = motor's · z₁ ÷ z₂")
            .source("spur gears; what mounts take is the house's")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Optional<Mesh> strongest = Mesh.of(analysis.rig(), analysis.standards()).stream()
                .filter(m -> m.atRingNm().isPresent())
                .max(Comparator.comparingDouble(m -> m.atRingNm().orElseThrow()));
        if (strongest.isEmpty()
                || analysis.lensMoment().map(LensMoment::isBraced).orElse(false)) {
            return;
        }
        MountChain.of(analysis.rig()).ifPresent(c -> judge(c, strongest.get(), results));
    }

    private static void judge(MountChain chain, Mesh mesh, Results results) {
        RigAnalysis analysis = results.analysis();
        About about =
                About.of("turns", part(chain.lens().id()), part(mesh.drive().id()));
        Optional<MountChain.Face> weakest = chain.weakest(analysis.rig(), analysis.standards());
        if (weakest.isEmpty()) {
            results.notChecked(about, "how a mount under " + chain.lens().title() + " holds is not on file");
            return;
        }
        Lock lock = weakest.get().lock().orElseThrow();
        if (lock == Lock.RING_LOCKED) {
            results.fine();
            return;
        }
        boolean caught = lock == Lock.BAYONET_LOCKED;
        results.judge(
                caught ? Severity.CAUTION : Severity.STOP,
                Judgement.atMost(
                        mesh.atRingNm().orElseThrow(),
                        analysis.rule(caught ? Rule.CATCH_TORQUE : Rule.PLAY_TORQUE),
                        1e-9,
                        "N·m"),
                new Told(
                        about,
                        mesh.drive().title() + " turns " + chain.lens().title() + " in its mount",
                        weakest.get().title() + " is held by " + lock.inWords() + ". At the end of its ring "
                                + mesh.drive().title() + " puts "
                                + Words.one(mesh.atRingNm().orElseThrow())
                                + " N·m on it. A support that touches the lens, an adapter that locks, or a motor with "
                                + "less torque keeps it still.",
                        "torque"));
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>(FrontFixes.otherAdapters(analysis));
        all.addAll(FrontFixes.otherDrives(analysis, finding.key().parts().get(1)));
        return all;
    }
}
