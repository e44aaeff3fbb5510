package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** The main jobs as people do them. */
class JourneyTest extends Journey {
    private Locator row(String title) {
        return page.locator(".stack").getByText(title, new Locator.GetByTextOptions().setExact(true));
    }

    private String chosenTitle() {
        Object title = page.evaluate("document.querySelector('.stack-row.chosen .row-title')?.textContent ?? ''");
        return title.toString();
    }

    /**
     * From the list of jobs to the door: read the brief, mend on the Bench, read cautions, build, two signatures, out.
     */
    @Test
    void fromBriefToDoor() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        page.locator(".jobs table a[href='/jobs/" + job + "/brief']").click();
        assertThat(page.getByText("Not met").first()).isVisible();
        assertThat(page.locator(".requirements")).containsText("On for 11 h 00 in 6 blocks, down to −6 °C");
        page.locator(".jobbar nav").getByText("Bench").click();
        assertThat(verdict()).hasText("Held by 5 stops, 10 unread cautions");

        // Both configurations share the base: what mends one mends the other.
        finding("Axis 2.0 mm low").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 4 stops, 10 unread cautions");
        assertThat(page.locator(".stack")).containsText("Riser R-2");
        assertThat(page.locator(".meters")).containsText("85.0 mm");
        finding(": 74 mm short").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 3 stops, 10 unread cautions");
        finding("Day outlasts the batteries").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 2 stops, 10 unread cautions");
        finding("Mouth cuts the corners").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 1 stop, 10 unread cautions");
        finding("Focus puller sees no picture").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 12 unread cautions");
        // What is packed feeds one of the two stations away from the rig, not the other.
        finding("Picture receiver of Director has no power")
                .getByText("Apply")
                .first()
                .click();
        assertThat(verdict()).hasText("Held by 10 unread cautions");
        finding("does not reach from").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 9 unread cautions");
        finding("nose-heavy with 135 mm").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 8 unread cautions");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("On the shoulder")))
                .click();
        finding("nose-heavy with 135 mm").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 4 unread cautions");
        assertThat(page.locator(".findings")).not().containsText("Hands hold up");
        finding("from the eye").getByText("Mark read").click();
        finding("Power goes after").getByText("Apply").first().click();
        assertThat(verdict()).hasText("Held by 2 unread cautions");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("Studio, on sticks")))
                .click();
        finding("has no mass on file").getByText("Mark read").click();
        finding("no write rate on file").getByText("Mark read").click();
        assertThat(verdict()).hasText("Clear");
        assertThat(finding("has no mass on file")).containsText("read by Jonna Brask");

        page.locator(".jobbar nav").getByText("Dispatch").click();
        assertThat(browser.button("Mark built")).isDisabled();
        assertThat(page.locator(".gate")).containsText("steps of putting it together are ticked");
        OnTheWay.ticked(job);
        OnTheWay.tested(job);
        browser.button("Mark built").click();
        browser.button("Mark bench-checked").click();
        page.getByText(Pattern.compile("^Sign revision")).click();
        assertThat(page.locator(".gate")).containsText("You have signed");
        page.getByText("Sign out").click();
        browser.signIn("lead");
        browser.open("/jobs/" + job + "/dispatch");
        page.getByText(Pattern.compile("^Sign revision")).click();
        assertThat(browser.button("Mark packed")).isDisabled();
        OnTheWay.scanned(job);
        browser.button("Mark packed").click();
        browser.handOver();
        assertThat(page.locator(".stages [aria-current] .stage-word")).hasText("dispatched");
        browser.open("/jobs/" + job + "/bench");
        assertEquals(0, page.getByText("Undo").count(), "what has left is not edited");
    }

    @Test
    void aHeldJobCannotBeSignedAndSaysByWhat() {
        String job = RunningApp.copyOf("kiln");
        OnTheWay.checked(job);
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/dispatch");
        assertThat(page.locator(".gate"))
                .containsText("Held by 9 stops, 23 unread cautions: a held package is not signed.");
        assertThat(page.locator(".held-by")).containsText("24 V wiring, 0.4 m is the wrong cable here");
        assertThat(page.locator(".gate .gate-next button").first()).isDisabled();
    }

    /** Choose with the arrows, nudge, type a number, undo and redo, change view and lens: no mouse. */
    @Test
    void theBenchByKeyboardAlone() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.bench(job, "");
        Locator chosen = page.locator(".stack-row.chosen");
        String title = "";
        while (!title.equals("Rods 15 mm pair, 300")) {
            String before = title;
            page.keyboard().press("ArrowDown");
            page.waitForCondition(
                    () -> !chosenTitle().equals(before) && !chosenTitle().isEmpty());
            title = chosenTitle();
        }
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("Shift+ArrowLeft");
        assertThat(chosen).containsText("slide −60.0");
        assertThat(page.locator(".bench-bar")).containsText("Revision 2");
        page.keyboard().press("Control+z");
        assertThat(chosen).containsText("slide −52.0");
        page.keyboard().press("Control+Shift+Z");
        assertThat(chosen).containsText("slide −60.0");
        Locator number = chosen.locator(".setting input[role=spinbutton]");
        number.fill("-52");
        number.press("Enter");
        assertThat(chosen.locator(".row-face")).containsText("slide −52.0");
        page.locator("body").press("Escape");
        page.locator(".panel-head h2").first().click();
        page.keyboard().press("3");
        assertThat(page.locator(".elevation")).hasAttribute("aria-label", Pattern.compile("from front"));
        page.keyboard().press("]");
        assertTrue(page.url().contains("lens=a75"), page.url());
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("nudge its first setting");
    }

    @Test
    void aPartIsTakenOffWithDependantsPutBackAndAnotherAdded() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.bench(job, "?part=tx-arm");
        browser.button("Take off").click();
        browser.button("Take off alone").click();
        assertThat(page.locator(".loose").first())
                .containsText("Picture transmitter since Transmitter bracket was taken off");
        page.getByText("Put back").click();
        assertThat(page.locator(".stack")).not().containsText("Held by nothing");
        assertThat(page.locator(".stack-row.chosen .row-title")).hasText("Transmitter bracket");
        browser.button("Take off").click();
        browser.button("With dependants").click();
        assertThat(page.locator(".panel-head").first()).containsText("25 parts");
        row("Top plate T-6").click();
        browser.button("Add a part here").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("by its foot");
        dialog.locator("li:has(strong:text-is('Transmitter bracket'))")
                .first()
                .getByText("Add")
                .click();
        assertThat(page.locator(".panel-head").first()).containsText("26 parts");
    }

    /** Two people, one build: the later one is told, sees the newer state and loses nothing of the other's. */
    @Test
    void twoPeopleAtOnce() {
        String job = RunningApp.copyOf("kiln");
        browser.signIn("tech");
        browser.bench(job, "?part=rods");
        // Whether this screen has heard of the other's edit yet or not: the first act is for the state before.
        java.util.concurrent.atomic.AtomicInteger sent = new java.util.concurrent.atomic.AtomicInteger();
        page.route("**/builds/a/edits", route -> {
            String body = route.request().postData();
            String asked =
                    sent.incrementAndGet() == 1 ? body.replaceFirst("\"revision\":\\d+", "\"revision\":1") : body;
            route.resume(new com.microsoft.playwright.Route.ResumeOptions().setPostData(asked));
        });
        RunningApp.as("lead").edit(job, "SET", java.util.Map.of("key", "rods:rods:0", "value", -54));
        Locator number = page.locator(".setting input[role=spinbutton]");
        number.fill("-40");
        number.press("Enter");
        assertThat(page.getByText("Someone else changed this build first")).isVisible();
        assertThat(page.locator(".stack-row.chosen .row-face")).containsText("slide −54.0");
        browser.button("Do mine on top of it").click();
        assertThat(page.locator(".stack-row.chosen .row-face")).containsText("slide −40.0");
    }

    @Test
    void theDeskEditsTheBriefAndReadsTheBuild() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("desk");
        browser.open("/jobs/" + job + "/brief");
        browser.button("Edit the brief").click();
        assertThat(page.getByLabel("Camera on, a day")).hasValue("as the blocks below say");
        page.getByLabel("Temperature").fill("15");
        for (String block : List.of("Call", "Car deck", "Rail", "Standby", "Bow")) {
            page.getByLabel("Climate of " + block).fill("15");
        }
        browser.isAccessible();
        browser.button("Save the brief").click();
        assertThat(page.locator(".requirements")).containsText("On for 11 h 00 in 6 blocks, down to 8 °C");
        assertThat(verdict()).hasText("Held by 4 stops, 10 unread cautions");
        browser.bench(job, "?part=rods");
        assertEquals(0, page.locator(".fix").count(), "the desk applies nothing");
        assertEquals(0, page.getByText("Take off").count());
    }

    @Test
    void aLeadWaivesAStopWithAReason() {
        String job = RunningApp.copyOf("kiln");
        browser.signIn("lead");
        browser.bench(job, "");
        finding("is the wrong cable here").getByText("Waive").click();
        page.getByLabel("Reason, kept with your name").fill("Finder stays on its own battery today");
        browser.button("Waive it").click();
        assertThat(verdict()).hasText("Held by 8 stops, 23 unread cautions");
        assertThat(finding("is the wrong cable here"))
                .containsText("waived: Finder stays on its own battery today (Mirela Osk)");
    }

    @Test
    void aWrongPasswordAndAnUnknownJobAreToldInWords() {
        page.navigate("/jobs/no-such-job/brief");
        page.getByLabel("Name").fill("tech");
        page.getByLabel("Password").fill("guess");
        browser.button("Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT)).hasText("Name or password is not right.");
        page.getByLabel("Password").fill(RunningApp.PASSWORD);
        browser.button("Sign in").click();
        assertThat(page.getByText("There is no job 'no-such-job'.")).isVisible();
    }
}
