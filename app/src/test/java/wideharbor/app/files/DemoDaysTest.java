package wideharbor.app.files;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.junit.jupiter.api.Test;
import wideharbor.core.brief.Brief;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/** The demo's days run from the day it is first started. */
class DemoDaysTest {
    private static Brief.Dates dates(List<Job> jobs, int i) {
        return jobs.get(i).brief().dates();
    }

    private static Job demo(String name) throws IOException {
        Path file = Path.of("..", "demo", name + ".harbor.json");
        return new HarborCodec().read(Files.readAllBytes(file));
    }

    /** Second Bell leaves on 28 November at nine, Kiln six days later at seven. */
    @Test
    void moveTogetherSoThatTheFirstLeavesToday() throws IOException {
        List<Job> jobs = List.of(demo("kiln"), demo("second-bell"));
        List<Job> moved = PackageFiles.fromToday(jobs, LocalDate.of(2027, 2, 26));
        assertEquals(LocalDateTime.of(2027, 2, 26, 9, 0), dates(moved, 1).load());
        assertEquals(LocalDateTime.of(2027, 3, 4, 7, 0), dates(moved, 0).load());
        assertEquals(LocalDate.of(2027, 3, 1), dates(moved, 0).prep());
        assertEquals(LocalDate.of(2027, 3, 9), dates(moved, 0).back());
        assertEquals(jobs, PackageFiles.fromToday(moved, LocalDate.of(2026, 11, 28)));
    }

    @Test
    void ofAnEmptyHouseAreNone() {
        assertEquals(List.of(), PackageFiles.fromToday(List.of(), LocalDate.of(2027, 2, 26)));
    }
}
