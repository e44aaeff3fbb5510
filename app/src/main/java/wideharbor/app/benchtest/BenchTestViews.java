package wideharbor.app.benchtest;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import wideharbor.core.benchtest.Band;
import wideharbor.core.benchtest.BenchTest;
import wideharbor.core.benchtest.Instrument;
import wideharbor.core.benchtest.Place;
import wideharbor.core.benchtest.TestResult;
import wideharbor.core.benchtest.TestState;
import wideharbor.core.benchtest.TestStates;
import wideharbor.core.id.PlacementId;

/** Tests as the screen shows them. */
public final class BenchTestViews {
    private BenchTestViews() {}

    /** By place at the bench; {@code failed}: those that decided nothing among them. */
    public record TestSheet(List<TestLine> tests, int done, int failed) {
        static TestSheet of(TestStates states, UnaryOperator<String> name) {
            return new TestSheet(
                    states.byTest().entrySet().stream()
                            .map(e -> TestLine.of(e.getKey(), e.getValue(), name))
                            .toList(),
                    states.progress().done(),
                    states.failed().size());
        }
    }

    /** {@code stale}: the test was another when this was found. */
    record TestFound(
            TestResult.Outcome outcome,
            Optional<Double> value,
            double plusMinus,
            String unit,
            String instrument,
            int revision,
            String who,
            Instant at,
            String remark,
            boolean stale) {}

    /** {@code holds} is what has to be so where nothing is measured; else {@code unit} and the limits count. */
    public record TestLine(
            String key,
            String print,
            Place place,
            String title,
            String how,
            boolean measured,
            String holds,
            Optional<Double> from,
            Optional<Double> to,
            Optional<Double> computed,
            String unit,
            Instrument instrument,
            boolean twice,
            String why,
            String configuration,
            String lens,
            String part,
            BenchTest.Settles settles,
            TestState.Standing standing,
            List<TestFound> results) {
        static TestLine of(BenchTest test, TestState state, UnaryOperator<String> name) {
            Optional<Band.Measure> measure = test.band() instanceof Band.Measure m ? Optional.of(m) : Optional.empty();
            return new TestLine(
                    test.key(),
                    test.print(),
                    test.place(),
                    test.title(),
                    test.how(),
                    measure.isPresent(),
                    test.band() instanceof Band.Answer a ? a.holds() : "",
                    measure.flatMap(Band.Measure::from),
                    measure.flatMap(Band.Measure::to),
                    measure.flatMap(Band.Measure::computed),
                    measure.map(Band.Measure::unit).orElse(""),
                    test.instrument(),
                    test.twice(),
                    test.why(),
                    test.at().configuration().toString(),
                    test.lens().toString(),
                    test.part().map(PlacementId::toString).orElse(""),
                    test.settles(),
                    state.standing(),
                    state.results().stream().map(r -> found(test, r, name)).toList());
        }

        private static TestFound found(BenchTest test, TestResult r, UnaryOperator<String> name) {
            return new TestFound(
                    r.outcome(),
                    r.value(),
                    r.plusMinus(),
                    r.unit(),
                    r.instrument(),
                    r.revision(),
                    name.apply(r.who()),
                    r.at(),
                    r.remark(),
                    !r.print().equals(test.print()));
        }
    }
}
