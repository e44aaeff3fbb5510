package wideharbor.app.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringReader;
import java.time.LocalDate;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** A job's days, read back as any calendar reads them. */
@ExtendWith(RunningApp.class)
class CalendarEndpointTest {
    @Test
    void theDaysOfAJobAreEvents() throws Exception {
        String job = RunningApp.copyOf("second-bell");
        Client.Answer answer = RunningApp.as("desk").get("/api/jobs/" + job + "/calendar.ics");
        assertEquals(200, answer.status(), answer.text());
        Calendar calendar = new CalendarBuilder().build(new StringReader(answer.text()));
        calendar.validate();
        java.util.List<String> uids = calendar.getComponents().stream()
                .map(c -> ((VEvent) c).getUid().orElseThrow().getValue())
                .toList();
        assertTrue(
                uids.contains(job + "-load@wide-harbor") && uids.contains(job + "-shoot@wide-harbor"), uids.toString());
        assertTrue(uids.contains(job + "-back@wide-harbor"), uids.toString());
        assertTrue(answer.text().contains("SUMMARY:Loads out: Second Bell"), answer.text());
        assertTrue(answer.text().contains("VALUE=DATE"), "days are days, not midnights");
        assertTrue(answer.text().contains("Revision 1\\, draft. Clear."), answer.text());
        assertEquals(
                404, RunningApp.as("desk").get("/api/jobs/none/calendar.ics").status());
    }

    private static JsonNode days(String query) {
        return RunningApp.as("desk").get("/api/calendar?" + query).json();
    }

    /** Two copies of one job want one operator, one piece, and more monitors than the house has, on the same days. */
    @Test
    void whatSeveralJobsWantOnTheSameDaysIsTold() {
        String one = RunningApp.copyOf("slack-water");
        String other = RunningApp.copyOf("slack-water");
        LocalDate load = LocalDate.parse(RunningApp.as("desk")
                .get("/api/jobs/" + one)
                .json()
                .at("/brief/load")
                .asString()
                .substring(0, 10));
        JsonNode house = days("days=28&from=" + load);
        JsonNode job = house.path("jobs")
                .valueStream()
                .filter(j -> j.path("id").asString().equals(one))
                .findFirst()
                .orElseThrow();
        assertEquals("PREP", job.at("/phases/0/kind").asString());
        assertTrue(job.path("people").toString().contains("Ines Varga, operator"), job.toString());
        List<JsonNode> ours = house.path("clashes")
                .valueStream()
                .filter(c -> c.path("by")
                                .valueStream()
                                .anyMatch(b -> b.path("job").asString().equals(one))
                        && c.path("by")
                                .valueStream()
                                .anyMatch(b -> b.path("job").asString().equals(other)))
                .toList();
        assertTrue(
                ours.stream()
                        .anyMatch(c -> c.path("what").asString().equals("Ines Varga")
                                && c.path("kind").asString().equals("PERSON")),
                ours.toString());
        assertTrue(ours.stream().anyMatch(c -> c.path("what").asString().equals("BD-014")), ours.toString());
        assertEquals(400, RunningApp.as("desk").get("/api/calendar?days=3").status());
        assertEquals(400, RunningApp.as("desk").get("/api/calendar?from=soon").status());
    }

    @Test
    void theHouseHasACalendarOfItsOwn() throws Exception {
        Client.Answer answer = RunningApp.as("lead").get("/api/calendar.ics");
        Calendar calendar = new CalendarBuilder().build(new StringReader(answer.text()));
        calendar.validate();
        assertTrue(answer.text().contains("SUMMARY:Loads out: Kiln"), answer.text());
        assertTrue(answer.text().contains("SUMMARY:Tests\\, charging\\, packing: Kiln"), answer.text());
        assertTrue(!answer.text().contains("First Bell"), "what is over is not in it");
    }
}
