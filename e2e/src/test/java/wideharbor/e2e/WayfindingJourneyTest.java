package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Where one stands goes along from screen to screen, and anything is found by its words. */
class WayfindingJourneyTest extends Journey {
    private void tab(String name) {
        page.locator(".jobbar nav").getByText(name).click();
    }

    @Test
    void onePlaceIsKeptOnEveryScreen() {
        browser.signIn("tech");
        browser.bench("slack-water", "?config=shoulder&lens=a75&part=rods");
        tab("Power");
        assertThat(select("Configuration")).hasText("On the shoulder");
        tab("Signal");
        assertThat(select("Configuration")).hasText("On the shoulder");
        tab("Changeover");
        assertThat(select("Lens in the slot")).hasText("75 mm T2.3");
        choose("Lens in the slot", "135 mm T2.8");
        tab("Dispatch");
        tab("Brief");
        tab("Bench");
        assertThat(page.locator(".bench-tabs [aria-selected=true]")).containsText("On the shoulder");
        assertThat(select("Lens in the slot")).containsText("135 mm T2.8");
        assertThat(page.locator(".stack-row.chosen .row-title")).hasText("Rods 15 mm pair, 300");
    }

    /** By keys alone: a part of the rig, a command of the screen, another job. */
    @Test
    void anythingIsFoundByItsWords() {
        browser.signIn("tech");
        browser.bench("slack-water", "");
        find("transmitter bracket");
        assertThat(page.locator(".stack-row.chosen .row-title")).hasText("Transmitter bracket");
        find("mounting points");
        Locator points = page.getByRole(AriaRole.DIALOG);
        assertThat(points.locator(".budget li").first()).isVisible();
        page.keyboard().press("Escape");
        assertThat(points).hasCount(0);
        find("second bell town hall");
        page.waitForURL(Pattern.compile(".*/jobs/second-bell[^/]*/brief.*"));
    }

    private void find(String words) {
        page.keyboard().press("/");
        page.locator(".find-anything").getByRole(AriaRole.COMBOBOX).fill(words);
        assertThat(page.locator(".find-anything .ant-select-item-option-active .hit"))
                .containsText(Pattern.compile(words.split(" ")[0], Pattern.CASE_INSENSITIVE));
        page.keyboard().press("Enter");
        assertThat(page.locator(".find-anything:visible")).hasCount(0);
    }

    /**
     * A part pointed at in the stack shines on the drawing, and the other way round; a finding shows its parts on both.
     */
    @Test
    void whatIsPointedAtIsShownEverywhere() {
        browser.signIn("tech");
        browser.bench("slack-water", "");
        page.locator(".row-title").getByText("Rods 15 mm pair, 300").hover();
        assertThat(page.locator(".elevation .part.lit-pointed")).hasCount(1);
        assertThat(page.locator(".finding.pointed").first()).containsText("rods");
        finding("Axis 2.0 mm low").locator("h3").hover();
        assertThat(page.locator(".elevation .part.lit-stop").first()).isVisible();
        assertThat(page.locator(".stack-row.pointed").first()).isVisible();
    }

    /** Nearer by key, moved by hand, all of it again: the scale bar tells. */
    @Test
    void theDrawingIsLookedAtFromNear() {
        browser.signIn("tech");
        browser.bench("slack-water", "");
        Locator scale = page.locator(".scale-bar text");
        assertThat(scale).containsText("100 mm, grid 50");
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("+");
        }
        assertThat(scale).containsText("20 mm, grid 10");
        page.keyboard().press("0");
        assertThat(scale).containsText("100 mm, grid 50");
    }
}
