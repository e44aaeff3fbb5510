package wideharbor.core.benchtest;

import java.util.List;
import java.util.Map;
import wideharbor.core.quantity.Progress;

/** How far each test of a plan is, in the order of the plan. */
public record TestStates(Map<BenchTest, TestState> byTest) {
    public Progress progress() {
        int done = (int)
                byTest.values().stream().filter(s -> s.standing().isDone()).count();
        return new Progress(done, byTest.size());
    }

    /** Titles of those that failed, and of those that decided nothing. */
    public List<String> failed() {
        return byTest.entrySet().stream()
                .filter(e -> e.getValue().standing() == TestState.Standing.FAILED
                        || e.getValue().standing() == TestState.Standing.UNDECIDED)
                .map(e -> e.getKey().title())
                .toList();
    }
}
