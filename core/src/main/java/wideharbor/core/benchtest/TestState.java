package wideharbor.core.benchtest;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * How far a test is.
 *
 * @param results of it, the last one first; those of another print among them
 */
public record TestState(Standing standing, List<TestResult> results) {
    /** What is to be done about it. */
    public enum Standing {
        OPEN,
        /** It was made on something that is no longer so. */
        CHANGED,
        UNDECIDED,
        FAILED,
        /** One person found it good; another has to. */
        ONCE,
        PASSED,
        WAIVED;

        public boolean isDone() {
            return this == PASSED || this == WAIVED;
        }
    }

    public TestState {
        results = List.copyOf(results);
    }

    /** @param results in the order in which they were made */
    static TestState of(BenchTest test, List<TestResult> results) {
        List<TestResult> lastFirst = new ArrayList<>(results);
        Collections.reverse(lastFirst);
        return new TestState(standing(test, results), lastFirst);
    }

    private static Standing standing(BenchTest test, List<TestResult> results) {
        List<TestResult> now =
                results.stream().filter(r -> r.print().equals(test.print())).toList();
        if (now.isEmpty()) {
            return results.isEmpty() ? Standing.OPEN : Standing.CHANGED;
        }
        return switch (now.get(now.size() - 1).outcome()) {
            case FAILED -> Standing.FAILED;
            case UNDECIDED -> Standing.UNDECIDED;
            case WAIVED -> Standing.WAIVED;
            case PASSED -> test.twice() && foundGoodBy(now).size() < 2 ? Standing.ONCE : Standing.PASSED;
        };
    }

    /** Who found it good since it last was not. */
    private static Set<String> foundGoodBy(List<TestResult> results) {
        Set<String> who = new LinkedHashSet<>();
        for (TestResult r : results) {
            if (r.outcome() == TestResult.Outcome.PASSED) {
                who.add(r.who());
            } else {
                who.clear();
            }
        }
        return who;
    }
}
