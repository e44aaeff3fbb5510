package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.OnTheWay;
import wideharbor.app.RunningApp;

/** From a rig that is put together to a return that is closed. */
class WayOutJourneyTest extends Journey {
    /**
     * A test fails, is mended and passes by two; one is left out by a lead; what is measured is held against the sheet.
     */
    @Test
    void whatFailsIsTriedAgain() {
        String job = RunningApp.copyOf("second-bell");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/tests?test=a:head:head:studio");
        Locator card = page.locator(".test-card");
        Locator row = page.locator(".test-row[aria-current=step] .test-state");
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("It is not"))
                .click();
        assertThat(card.getByRole(AriaRole.ALERT)).hasText("Say what is wrong: whoever mends it reads only that.");
        card.getByLabel("Remark").fill("creeps forward from 40° on");
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("It is not"))
                .click();
        browser.open("/jobs/" + job + "/tests?test=a:head:head:studio");
        assertThat(row).hasText("failed");
        card.getByLabel("Remark").fill("one step more of the springs");
        card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("It is so"))
                .click();
        browser.open("/jobs/" + job + "/tests?test=a:head:head:studio");
        assertThat(row).hasText("once more");
        assertThat(card.locator(".test-results li")).hasCount(2);
        browser.isAccessible();
        // The scale says less than the sheet less 5 %.
        browser.open("/jobs/" + job + "/tests?test=a:weigh:studio");
        card.locator("#measured").fill("12000");
        card.getByLabel("May be off by, g").fill("50");
        card.locator("#measured").press("Enter");
        browser.open("/jobs/" + job + "/tests?test=a:weigh:studio");
        assertThat(row).hasText("failed");
        assertThat(card.locator(".test-results")).containsText("12\u2009000 ± 50.00 g");
        assertEquals(0, card.getByText("Leave it out").count(), "that is a lead's");
        page.getByText("Sign out").click();
        browser.signIn("lead");
        browser.open("/jobs/" + job + "/tests?test=a:head:head:studio");
        assertThat(row).hasText("once more");
        page.locator("h2").first().click();
        page.keyboard().press("Space");
        browser.open("/jobs/" + job + "/tests?test=a:head:head:studio");
        assertThat(row).hasText("✓");
        browser.open("/jobs/" + job + "/tests?test=a:weigh:studio");
        card.getByLabel("Remark").fill("the scale is at the workshop until noon");
        card.getByText("Leave it out").click();
        browser.open("/jobs/" + job + "/tests?test=a:weigh:studio");
        assertThat(row).hasText("left out");
        browser.open("/jobs/" + job + "/dispatch");
        assertThat(page.locator(".stages")).containsText("2 of 59 tests");
    }

    /** Pieces are scanned out, a wrong one is refused, and back, one broken and one lost. */
    @Test
    void outAndBackByScanning() {
        String job = RunningApp.copyOf("second-bell");
        OnTheWay.signed(job);
        String body = OnTheWay.piece(job, "body-petrel", 90);
        String wrong = OnTheWay.piece(job, "gimbal-3", 90);
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/packing");
        Locator told = page.locator(".scan-told");
        scan(body);
        assertThat(told).containsText(body + ", Body Quellmar Petrel: in case 1.");
        scan(body);
        assertThat(told).hasText("Body Quellmar Petrel " + body + " is in case 1 already.");
        scan(wrong);
        assertThat(told).hasText(wrong + " is not on the pull list of this job.");
        scan("case 2");
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Case 2").setExact(true)))
                .isVisible();
        browser.isAccessible();
        page.getByText("out again").click();
        scan(body);
        assertThat(told).containsText("out again");
        OnTheWay.scanned(job);
        browser.open("/jobs/" + job + "/dispatch");
        browser.button("Mark packed").click();
        assertThat(page.locator(".seal")).containsText("as signed");
        browser.handOver();
        assertThat(page.locator(".handed-over")).containsText("to Ada Lindqvist by");
        assertThat(page.locator(".signature-drawn")).isVisible();
        browser.open("/jobs/" + job + "/packing");
        assertThat(page.locator("#packing-title")).hasText("What comes back");
        String first = OnTheWay.code(job, "body-petrel", 0);
        String second = OnTheWay.code(job, "body-petrel", 1);
        scan(first);
        assertThat(told).containsText(": back.");
        page.locator(".scan-form").getByText("damaged").click();
        scan(second);
        assertThat(told).hasText("Say what is broken, or how it went missing, first.");
        page.getByLabel("What happened to it").fill("mount scratched by a fall");
        scan(second);
        assertThat(told).containsText(": damaged.");
        OnTheWay.back(job);
        browser.open("/jobs/" + job + "/dispatch");
        assertThat(page.locator(".stages [aria-current] .stage-word")).hasText("returned");
        browser.button("Close the return").click();
        assertThat(page.locator(".stages [aria-current] .stage-word")).hasText("reconciled");
        browser.open("/stock?text=" + second);
        assertThat(page.locator(".stock")).containsText("needs service");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(second)))
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("mount scratched by a fall");
    }

    private void scan(String code) {
        Locator field = page.getByLabel("Code of a piece or a case");
        field.fill(code);
        field.press("Enter");
    }
}
