package wideharbor.core.benchtest;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.ConfigurationKey;

/**
 * What is tried and measured on the bodies of a job before they leave, by place at the bench. What is the same in two
 * configurations is tried in the first of them.
 */
public record TestPlan(List<BenchTest> tests) {
    public TestPlan {
        tests = List.copyOf(tests);
    }

    /** Of one body, thought of once for each state of the job. */
    public static TestPlan of(JobAnalysis job, BuildId body) {
        Build build = job.job().gear().build(body);
        return job.rig(body, build.configurations().get(0).id(), build.lensIds().get(0))
                .once(TestPlan.class, first -> new TestPlan(byPlace(draft(job, build))));
    }

    /** Of every body, one after the other. */
    public static TestPlan of(JobAnalysis job) {
        List<BenchTest> all = new ArrayList<>();
        job.job().gear().builds().forEach(b -> all.addAll(of(job, b.id()).tests()));
        return new TestPlan(all);
    }

    private static Draft draft(JobAnalysis job, Build build) {
        Draft draft = new Draft();
        for (Configuration worn : build.configurations()) {
            ConfigurationAnalysis configuration = job.of(new ConfigurationKey(build.id(), worn.id()));
            SupportTests.add(configuration, draft);
            RigTests.add(configuration, draft);
            FrontTests.add(configuration, draft);
            PowerTests.add(configuration, draft);
            PictureTests.add(configuration, draft);
            MediaTests.add(configuration, draft);
        }
        return draft;
    }

    private static List<BenchTest> byPlace(Draft draft) {
        return draft.all().stream()
                .sorted(Comparator.comparing(BenchTest::place))
                .toList();
    }

    public Optional<BenchTest> find(String key) {
        return tests.stream().filter(t -> t.key().equals(key)).findFirst();
    }

    /** How far each test is, in the order of the plan. */
    public TestStates states(List<TestResult> inOrder) {
        Map<String, List<TestResult>> byTest = new LinkedHashMap<>();
        inOrder.forEach(
                r -> byTest.computeIfAbsent(r.test(), k -> new ArrayList<>()).add(r));
        Map<BenchTest, TestState> all = new LinkedHashMap<>();
        tests.forEach(t -> all.put(t, TestState.of(t, byTest.getOrDefault(t.key(), List.of()))));
        return new TestStates(all);
    }

    /** Tests as they are thought of; the first of a key stays, and of those that are the same in all that is done. */
    static final class Draft {
        private final Map<String, BenchTest> byKey = new LinkedHashMap<>();
        private final Set<String> done = new HashSet<>();

        void add(BenchTest test) {
            if (done.add(test.title() + test.part() + test.print())) {
                byKey.putIfAbsent(test.key(), test);
            }
        }

        List<BenchTest> all() {
            return List.copyOf(byKey.values());
        }
    }
}
