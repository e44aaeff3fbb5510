package wideharbor.core.check.balance;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.balance.SlideForSet;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Span;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;

/** With each lens, the centre of mass stands over the support, or a slide within its travel brings it there. */
final class SlideForBalance implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("balance.slide")
            .family("balance")
            .title("Balanced over the support with each lens")
            .subjects("what the support carries, per lens")
            .expectation("the centre of mass stands over the datum within the support's tolerance")
            .because("an unbalanced head runs away when it is unlocked")
            .formula("s = −(z_cm − z_support)·M / M_mov, positive = camera forward")
            .source("statics; tolerance by the support")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        PlacementId support = analysis.rig().configuration().support();
        if (analysis.balance().isEmpty()) {
            results.notChecked(About.of("balance", part(support)), "the support is not on the rig");
            return;
        }
        SlideBalance balance = analysis.balance().get();
        if (!balance.carried().isComplete()) {
            results.notChecked(
                    About.of("balance", part(support)),
                    "no mass on file for " + String.join(", ", balance.carried().unweighed()));
            return;
        }
        double middle = balance.judgement().value();
        Optional<SlideBalance.Slide> slide = balance.slide();
        boolean reaches = slide.isPresent() && slide.get().inReach();
        results.judge(
                reaches ? Severity.CAUTION : Severity.STOP,
                balance.judgement(),
                new Told(
                        About.of("balance", part(support)),
                        Words.mm(Math.abs(middle)) + (middle > 0 ? " nose-heavy" : " tail-heavy") + analysis.withLens(),
                        slide.map(s -> reaches ? reachable(s) : outOfReach(s))
                                .orElse("Nothing between body and support slides along the axis."),
                        balance.widest()));
    }

    private static String reachable(SlideBalance.Slide slide) {
        return "The camera must go " + Words.mm(Math.abs(slide.cameraShiftMm())) + way(slide)
                + "; the slide reaches it.";
    }

    private static String outOfReach(SlideBalance.Slide slide) {
        if (slide.isBetweenDetents()) {
            return "The camera must go " + Words.mm(Math.abs(slide.cameraShiftMm())) + way(slide)
                    + ", and none of the slide’s detents, "
                    + Words.mm(slide.motion().freedom().step()) + " apart, comes near enough.";
        }
        Span range = slide.cameraRangeMm();
        double has = slide.cameraShiftMm() < 0 ? -range.from() : range.to();
        return "The camera must go " + Words.mm(Math.abs(slide.cameraShiftMm())) + way(slide) + ", and the slide has "
                + Words.mm(Math.max(0, has)) + " left that way.";
    }

    private static String way(SlideBalance.Slide slide) {
        return slide.cameraShiftMm() < 0 ? " back" : " forward";
    }

    /** One setting for the whole set where there is one, then the setting for this lens alone. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        Optional<SlideBalance.Slide> slide = analysis.balance().flatMap(SlideBalance::slide);
        if (slide.isEmpty() || !slide.get().inReach()) {
            List<Candidate> other = new ArrayList<>(Slides.balancing(analysis));
            other.addAll(Slides.counterweights(analysis));
            return other;
        }
        SettingKey key = slide.get().motion().key();
        List<Candidate> all = new ArrayList<>();
        boolean severalLenses = analysis.build().lenses().size() > 1;
        Scope shared =
                analysis.build().scopeOf(key, analysis.rig().configuration().id(), LensId.NONE);
        if (severalLenses) {
            forAll(analysis, key)
                    .ifPresent(v -> all.add(candidate(slide.get(), v, shared, ", one setting for every lens")));
        }
        // A part of this configuration alone has one setting: the lens's own changes hold in the others, too.
        boolean perLens = severalLenses
                && analysis.build().base().placement(key.placement()).isPresent();
        Scope scope = perLens ? new Scope.InLens(analysis.rig().lens()) : shared;
        String suffix = perLens ? " for this lens" : "";
        all.add(candidate(slide.get(), slide.get().settableValue(), scope, suffix));
        return all;
    }

    private static Candidate candidate(SlideBalance.Slide slide, double value, Scope scope, String suffix) {
        SettingKey key = slide.motion().key();
        double shift = slide.sense() * (value - slide.motion().value());
        List<Scoped> edit = new ArrayList<>(List.of(new Scoped(scope, new Command.Set(key, value, false))));
        return new Candidate(
                "slide",
                "Slide camera " + Words.mm(Math.abs(shift)) + (shift < 0 ? " back" : " forward") + suffix,
                edit);
    }

    /** What can be set nearest the middle of what serves every lens; empty when nothing serves all. */
    private static Optional<Double> forAll(RigAnalysis analysis, SettingKey key) {
        List<SlideForSet.WithLens> all = new ArrayList<>();
        Optional<Motion> motion = Optional.empty();
        for (LensId lens : analysis.build().lensIds()) {
            Optional<SlideBalance> balance = analysis.withLens(lens).balance();
            Optional<SlideBalance.Slide> slide = balance.flatMap(SlideBalance::slide)
                    .filter(s -> s.motion().key().equals(key) && s.movesGrams() > 0);
            if (slide.isEmpty()) {
                return Optional.empty();
            }
            SlideBalance b = balance.get();
            SlideBalance.Slide s = slide.get();
            all.add(new SlideForSet.WithLens(s.motion().value(), b.middleMm(), b.surelyMm(), b.perMm(s)));
            motion = Optional.of(s.motion());
        }
        return motion.flatMap(m -> SlideForSet.of(m.range(), all).flatMap(m::settableIn));
    }
}
