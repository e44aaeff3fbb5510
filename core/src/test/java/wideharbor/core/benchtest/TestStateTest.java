package wideharbor.core.benchtest;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.benchtest.TestResult.Outcome;
import wideharbor.core.benchtest.TestState.Standing;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.quantity.Span;

/** What results say of a test. */
class TestStateTest {
    private static BenchTest test(boolean twice, Band band) {
        return BenchTestBuilder.builder()
                .key("a:head")
                .place(Place.SUPPORT)
                .title("The head holds")
                .subject("head@1")
                .how("Tilt it and let go.")
                .band(band)
                .twice(twice)
                .why("It falls.")
                .at(new ConfigurationKey(BuildId.of("a"), ConfigurationId.of("studio")))
                .build();
    }

    private static final BenchTest TWICE = test(true, new Band.Answer("It stays."));
    private static final BenchTest ONCE = test(false, new Band.Answer("It stays."));

    private final List<TestResult> results = new ArrayList<>();

    private Standing after(BenchTest of, Outcome outcome, String who) {
        results.add(new TestResult(
                of.key(), of.print(), outcome, Optional.empty(), 0, "", "", 1, who, Instant.EPOCH, "because"));
        return TestState.of(of, results).standing();
    }

    @Test
    void oneOrTwoPeopleFindItGood() {
        assertEquals(Standing.OPEN, TestState.of(ONCE, List.of()).standing());
        assertEquals(Standing.PASSED, after(ONCE, Outcome.PASSED, "tech"));
        results.clear();
        assertEquals(Standing.ONCE, after(TWICE, Outcome.PASSED, "tech"));
        assertEquals(Standing.ONCE, after(TWICE, Outcome.PASSED, "tech"), "the same person again");
        assertEquals(Standing.PASSED, after(TWICE, Outcome.PASSED, "lead"));
        assertEquals(Standing.FAILED, after(TWICE, Outcome.FAILED, "tech"));
        assertEquals(Standing.ONCE, after(TWICE, Outcome.PASSED, "lead"), "a failure wipes what was before it");
        assertEquals(Standing.PASSED, after(TWICE, Outcome.PASSED, "tech"));
        assertEquals(Standing.WAIVED, after(TWICE, Outcome.WAIVED, "lead"));
        assertEquals(7, TestState.of(TWICE, results).results().size());
        assertEquals(
                Outcome.WAIVED, TestState.of(TWICE, results).results().get(0).outcome());
    }

    @Test
    void whatChangedIsTriedAnew() {
        after(ONCE, Outcome.PASSED, "tech");
        BenchTest other = BenchTestBuilder.builder(ONCE).subject("head@2").build();
        assertEquals(Standing.CHANGED, TestState.of(other, results).standing());
        assertEquals(Standing.PASSED, after(other, Outcome.PASSED, "tech"));
        BenchTest renamed = BenchTestBuilder.builder(ONCE).title("Head").build();
        assertEquals(ONCE.print(), renamed.print(), "a title alone changes nothing");
    }

    /**
     * 15.0 kg by the sheet, 14.9 to 15.2 by its range, 5 %: 14.155 to 15.96. A scale of 30 g decides 14.2, not 14.17.
     */
    @Test
    void anUncertainFigureDecidesNothing() {
        Band.Measure band = Band.Measure.around(15_000, new Span(14_900, 15_200), 0.05, "g");
        assertEquals(14_155, band.from().orElseThrow(), 1e-9);
        assertEquals(15_960, band.to().orElseThrow(), 1e-9);
        assertEquals(Outcome.PASSED, band.outcome(14_200, 30));
        assertEquals(Outcome.UNDECIDED, band.outcome(14_170, 30));
        assertEquals(Outcome.UNDECIDED, band.outcome(14_140, 30));
        assertEquals(Outcome.FAILED, band.outcome(14_100, 30));
        assertEquals(Outcome.PASSED, band.outcome(15_960, 0), "the limit itself is within");
        assertEquals(Outcome.PASSED, Band.Measure.asItIs("W").outcome(1e9, 50));
        assertEquals(Outcome.FAILED, Band.Measure.atLeast(165, "MB/s").outcome(160, 1));
        assertEquals(Outcome.FAILED, Band.Measure.atMost(2, "mm").outcome(2.5, 0.1));
    }
}
