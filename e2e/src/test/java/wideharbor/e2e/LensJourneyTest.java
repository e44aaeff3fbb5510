package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** Lens day: which lens is cut, by what and how much; tried on the screen, mended on the Bench. */
class LensJourneyTest extends Journey {
    private Locator row(String lens) {
        return page.locator(".lenses tbody tr", new Page.LocatorOptions().setHasText(lens))
                .first();
    }

    @Test
    void theWidestIsCutAndMended() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/bench");
        page.locator(".jobbar nav").getByText("Lenses").click();
        assertThat(row("40 mm")).containsText("Mouth cuts the corners, 4.1 stops darker");
        assertThat(row("75 mm")).containsText("clear by");
        assertThat(page.locator(".set-ups")).containsText("not with 40 mm");

        Locator box = page.getByLabel("Box moved forward");
        box.fill("-16");
        assertThat(row("40 mm")).containsText("clear by");
        assertThat(page.getByText("tried, not stored")).isVisible();
        page.getByText("As it is").click();
        assertThat(row("40 mm")).containsText("Mouth cuts the corners");

        row("40 mm").getByRole(AriaRole.BUTTON).click();
        page.getByText("mend it on the Bench").click();
        page.waitForURL(Pattern.compile(".*/bench.*lens=a40.*"));
        finding("Mouth cuts the corners").getByText("Apply").first().click();
        assertThat(page.locator(".findings")).not().containsText("Mouth cuts the corners");
        page.locator(".jobbar nav").getByText("Lenses").click();
        assertThat(row("40 mm")).not().containsText("cuts the corners");
        assertThat(page.getByText("mend it on the Bench")).hasCount(0);
    }
}
