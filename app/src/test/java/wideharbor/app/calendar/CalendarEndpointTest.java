package wideharbor.app.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.StringReader;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
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
}
