package wideharbor.app.bench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import wideharbor.app.job.JobStore;
import wideharbor.app.job.Reports;
import wideharbor.app.job.StoredJob;
import wideharbor.app.web.Refusal;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Judged;
import wideharbor.core.dispatch.Gate;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/** What mends a finding is tried once a state of the rigs, in turn for those who look, at once for who applies it. */
class RemedyServiceTest {
    private static final String JOB = "slack-water";

    private final JobStore store = mock(JobStore.class);
    private final Reports reports = mock(Reports.class);
    private final RemedyService service = new RemedyService(store, reports);
    private Judged judged;

    @BeforeEach
    void read() throws Exception {
        Job job = new HarborCodec().read(Files.readAllBytes(Path.of("..", "demo", JOB + ".harbor.json")));
        judged = CheckEngine.standard().judge(job);
        stands(judged, 1);
    }

    private StoredJob stands(Judged state, long number) {
        StoredJob stored = new StoredJob(state.job(), Gate.Stage.DRAFT, 1, number, 1, Map.of(BuildId.of("a"), 1));
        when(store.load(JOB)).thenReturn(stored);
        when(store.stateNo(JOB)).thenReturn(number);
        when(reports.of(stored)).thenReturn(state);
        return stored;
    }

    private Finding found(String check) {
        return judged.report().findings().stream()
                .filter(f -> f.key().check().equals(check))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void acceptingAFindingHasNothingTriedAgain() {
        String key = found("rods.axis-height").key().toString();
        var tried = service.of(JOB, key);
        assertFalse(tried.isEmpty());
        stands(judged.accepting(judged.job().with(judged.job().gear())), 2);
        assertSame(tried, service.of(JOB, key));
        stands(judged.after(judged.job()), 3);
        var anew = service.of(JOB, key);
        assertEquals(tried, anew);
        assertTrue(tried != anew, "another state is tried by itself");
    }

    @Test
    void whoAppliesWaitsForNobodyWhoLooks() throws Exception {
        StoredJob stored = stands(judged, 1);
        CountDownLatch looks = new CountDownLatch(1);
        CountDownLatch goOn = new CountDownLatch(1);
        when(store.stateNo(JOB)).thenAnswer(call -> {
            looks.countDown();
            assertTrue(goOn.await(60, TimeUnit.SECONDS));
            return 1L;
        });
        int half = Math.max(1, Runtime.getRuntime().availableProcessors() / 2);
        List<Finding> findings = judged.report().findings();
        List<Thread> lookers = findings.subList(0, Math.min(half + 2, findings.size())).stream()
                .map(f -> new Thread(() -> service.of(JOB, f.key().toString())))
                .toList();
        lookers.forEach(Thread::start);
        try {
            assertTrue(looks.await(30, TimeUnit.SECONDS));
            assertFalse(service.atOnce(stored, found("rods.axis-height").key()).isEmpty());
            assertEquals(1, goOn.getCount());
        } finally {
            goOn.countDown();
            for (Thread looker : lookers) {
                looker.join();
            }
        }
    }

    @Test
    void whoLooksAtAStateThatIsGoneIsToldSo() {
        StoredJob stored = stands(judged, 1);
        String key = found("rods.axis-height").key().toString();
        Judged next = CheckEngine.standard().judge(judged.job());
        StoredJob now = new StoredJob(next.job(), Gate.Stage.DRAFT, 1, 2, 1, Map.of(BuildId.of("a"), 2));
        when(store.load(JOB)).thenReturn(stored, now);
        when(store.stateNo(JOB)).thenReturn(2L);
        when(reports.of(now)).thenReturn(next);
        assertThrows(Refusal.class, () -> service.of(JOB, key));
    }
}
