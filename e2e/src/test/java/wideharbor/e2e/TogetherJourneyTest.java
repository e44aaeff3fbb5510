package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** Two people on one build: they see each other and what the other does, and who comes second loses nothing. */
class TogetherJourneyTest extends Journey {
    private static void takeOff(Page page, String part) {
        page.locator(".stack").getByText(part).first().click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Take off").setExact(true))
                .click();
    }

    @Test
    void whatOneDoesIsOnTheScreenOfTheOther() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("lead");
        browser.bench(job, "");
        try (Browser other = Browser.as("tech")) {
            other.bench(job, "");
            assertThat(page.locator(".also-here")).containsText("Jonna Brask is here too");
            assertThat(other.page().locator(".also-here")).containsText("Mirela Osk is here too");
            takeOff(other.page(), "Timecode box");
            assertThat(page.locator(".stack")).containsText("26 parts");
        }
    }

    @Test
    void whoComesSecondIsOfferedToDoItOnTopOfTheFirst() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("lead");
        browser.bench(job, "");
        try (Browser other = Browser.as("tech")) {
            other.bench(job, "");
            takeOff(other.page(), "Timecode box");
            assertThat(other.page().locator(".saving")).isEmpty();
        }
        assertThat(page.locator(".stack")).containsText("26 parts");
        // As if what the other did had not been heard of yet: the first act is for the state before.
        AtomicInteger sent = new AtomicInteger();
        page.route("**/builds/a/edits", route -> {
            String body = route.request().postData();
            route.resume(new Route.ResumeOptions()
                    .setPostData(
                            sent.incrementAndGet() == 1
                                    ? body.replaceFirst("\"revision\":\\d+", "\"revision\":1")
                                    : body));
        });
        takeOff(page, "Cable clip, shoe");
        assertThat(page.getByText("Someone else changed this build first")).isVisible();
        assertThat(page.locator(".ant-notification")).containsText("Jonna Brask");
        assertThat(page.locator(".stack")).containsText("26 parts");
        browser.button("Do mine on top of it").click();
        assertThat(page.locator(".stack")).containsText("25 parts");
    }

    /** One of a crew, let in by a code: they see their job, say something, and the house sees to it. */
    @Test
    void aCrewIsLetInToItsJob() {
        String job = RunningApp.copyOf("kiln");
        String name = job + "-crew";
        browser.signIn("lead");
        browser.open("/jobs/" + job + "/brief");
        browser.button("Invite one of the crew").click();
        page.getByLabel("Signs in as").fill(name);
        page.getByLabel("Is called").fill("Sunniva Aas");
        browser.button("Let them in").click();
        String code = page.locator(".crew .given .num").textContent();
        try (Browser crew = new Browser()) {
            crew.open("/join");
            crew.page().getByLabel("Name you sign in with").fill(name);
            crew.page().getByLabel("Code").fill(code);
            crew.page().getByLabel("Password").fill(RunningApp.PASSWORD);
            crew.page().locator("button[type=submit]").click();
            crew.page().waitForURL(Pattern.compile(".*/sign-in"));
            crew.signIn(name);
            assertThat(crew.page().locator("tbody tr.ant-table-row")).hasCount(1);
            assertThat(crew.page().locator(".topbar nav a")).hasCount(1);
            crew.bench(job, "");
            assertThat(crew.page().getByText("Take off")).hasCount(0);
            crew.open("/jobs/" + job + "/brief");
            crew.isAccessible();
            crew.page().getByLabel("A remark").fill("The pad slips.");
            crew.button("Say it").click();
            assertThat(crew.page().locator(".remarks")).containsText("Sunniva Aas");
        }
        assertThat(page.locator(".remarks")).containsText("The pad slips.");
        browser.button("Seen to: The pad slips.").click();
        assertThat(page.locator(".remarks")).not().containsText("The pad slips.");
    }
}
