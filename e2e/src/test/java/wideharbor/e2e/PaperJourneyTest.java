package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** The book out of the printer, a meter at the battery, and who is wanted twice. */
class PaperJourneyTest extends Journey {
    private static String head(Download file) throws IOException {
        byte[] bytes = Files.readAllBytes(file.path());
        assertTrue(bytes.length > 3000, file.suggestedFilename() + " has " + bytes.length + " bytes");
        return new String(bytes, 0, 5, StandardCharsets.US_ASCII);
    }

    private Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void theBookIsMadeOfTheSheetsThatAreWanted() throws IOException {
        String job = RunningApp.copyOf("second-bell");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/brief");
        link("Papers").click();
        Download whole = page.waitForDownload(() -> link("The whole book, PDF").click());
        assertEquals("%PDF-", head(whole));
        assertEquals(job + "-book.pdf", whole.suggestedFilename());
        page.getByText("Letter", new Page.GetByTextOptions().setExact(true)).click();
        page.getByLabel("What was found", new Page.GetByLabelOptions().setExact(true))
                .uncheck();
        assertThat(link("16 sheets, PDF")).hasAttribute("href", java.util.regex.Pattern.compile(".*paper=LETTER.*"));
        assertEquals(
                "%PDF-",
                head(page.waitForDownload(
                        () -> link("Tools and fasteners alone").click())));
        assertEquals("%PDF-", head(page.waitForDownload(() -> link("Sound").click())));
    }

    /** A meter at the battery says more than the nameplates: the day follows, a caution says so, undo takes it back. */
    @Test
    void aMeterAtTheBatteryJudgesTheDay() {
        String job = RunningApp.copyOf("second-bell");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/power");
        Locator plate = page.locator(".plate-day").first();
        assertThat(plate).containsText("80 W running");
        browser.button("Measured at the battery").click();
        page.getByLabel("Measured, W").fill("95");
        page.getByLabel("May be off by, W").fill("1");
        page.getByLabel("May be off by, W").press("Enter");
        assertThat(plate).containsText("95.0 ± 1.0 W, nameplates say 80.3 W Jonna Brask");
        assertThat(plate).containsText("95 W running");
        browser.isAccessible();
        browser.bench(job, "");
        assertThat(finding("gave 95 W where the nameplates say 80 W")).isVisible();
        browser.button("Undo").click();
        browser.open("/jobs/" + job + "/power");
        assertThat(plate).containsText("80 W running");
    }

    /** Somebody is on two jobs on the same days: both say so, and the calendar. */
    @Test
    void whoIsWantedTwiceIsTold() {
        String job = RunningApp.copyOf("kiln");
        browser.signIn("desk");
        browser.open("/jobs/" + job + "/brief");
        assertThat(page.locator(".clashes")).containsText("Pia Lindqvane, on two jobs");
        browser.open("/calendar");
        assertThat(page.locator(".clashes").first()).containsText("Pia Lindqvane");
        assertThat(page.getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Jobs by day")))
                .containsText("Second Bell");
        browser.button("two weeks on ›").click();
        page.waitForURL("**/calendar?from=*");
        Download days = page.waitForDownload(() -> link("ICS").click());
        assertEquals("house.ics", days.suggestedFilename());
    }
}
