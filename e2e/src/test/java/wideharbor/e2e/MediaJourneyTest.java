package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** Cards for the day, counted before it; and the rolls of the day, written down as they come. */
class MediaJourneyTest extends Journey {
    /** Three cards for a body that takes two at a time: the fourth mends it, tried first and then packed. */
    @Test
    void theFourthCardMendsThePair() {
        String job = RunningApp.copyOf("queens-yard");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/brief");
        page.locator(".jobbar nav").getByText("Media").click();
        assertThat(page.locator(".media-facts")).containsText("for a card");
        assertThat(page.locator(".media-told"))
                .containsText("4 of Card 2 TB would do, were there no others; 3 packed.");
        page.getByLabel("Cards more").fill("1");
        page.getByLabel("Cards more").press("Enter");
        assertThat(page.locator(".media-facts")).containsText("recording waits for no card");
        assertThat(page.locator(".media-try")).containsText("tried, not stored");

        page.locator(".jobbar nav").getByText("Bench").click();
        assertThat(finding("Recording waits for a card")).containsText("Pack one more Card 2 TB");
        finding("Recording waits for a card")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Apply"))
                .click();
        assertThat(finding("Recording waits for a card")).hasCount(0);
        page.locator(".jobbar nav").getByText("Media").click();
        assertThat(page.locator(".media-facts")).containsText("recording waits for no card");
        assertThat(page.locator(".media-facts")).not().containsText("recording waits 0");
    }

    /** A card that is not free is refused; one goes from the body to free, and somebody else sees it. */
    @Test
    void noCardIsRecordedOverBeforeItIsFree() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/media");
        put("MD-001");
        assertThat(row("A001")).containsText("in the body");
        put("md-001");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("MD-001 is A001, still in the body");
        for (String act : new String[] {"Out", "Copied", "Checked", "Free the card"}) {
            button("A001: " + act).click();
        }
        assertThat(row("A001")).containsText("card free");
        button("A001: take back").click();
        assertThat(row("A001")).containsText("checked");
        button("A001: Free the card").click();
        put("MD-001");
        assertThat(row("A002")).containsText("in the body");
        try (Browser other = Browser.as("lead")) {
            other.open("/jobs/" + job + "/media");
            assertThat(other.page().locator(".roll-log")).containsText("2 rolls, 1 card not free");
        }
    }

    private void put(String card) {
        page.getByLabel("Card that goes in").fill(card);
        page.keyboard().press("Enter");
    }

    private Locator row(String roll) {
        return page.locator(".roll-log tbody tr", new Page.LocatorOptions().setHasText(roll));
    }

    private Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
