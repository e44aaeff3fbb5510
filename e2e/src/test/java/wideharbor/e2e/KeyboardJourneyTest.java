package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.fail;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** A technician who never touches the mouse. */
class KeyboardJourneyTest extends Journey {
    private static final int MOST_STEPS = 120;

    /** In, to the job, a stop mended and taken back, a part added and taken off, and out of the door's list. */
    @Test
    void aJobIsWorkedOnByKeysAlone() {
        String job = RunningApp.copyOf("slack-water");
        page.navigate("/sign-in");
        to("Name");
        type("tech");
        to("Password");
        type(RunningApp.PASSWORD);
        press("Enter");
        page.waitForURL(Pattern.compile(".*/jobs.*"));

        browser.bench(job, "");
        Locator stops = page.locator(".findings .panel-head");
        assertThat(stops).containsText("5 stops");
        to("Apply");
        press("Enter");
        assertThat(stops).containsText("4 stops");
        press("Escape");
        press("Control+z");
        assertThat(stops).containsText("5 stops");

        find("top plate");
        assertThat(page.locator(".stack-row.chosen .row-title")).hasText("Top plate T-6");
        press("f");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.locator(".offers li").first()).isVisible();
        to("Add");
        press("Enter");
        assertThat(dialog).hasCount(0);
        assertThat(page.locator(".stack .panel-head")).containsText("28 parts");
        press("Control+z");
        assertThat(page.locator(".stack .panel-head")).containsText("27 parts");

        press("]");
        assertThat(page).hasURL(Pattern.compile(".*lens=.*"));
        to("Dispatch");
        press("Enter");
        assertThat(page.locator(".pull tbody tr").first()).isVisible();
    }

    private void find(String words) {
        press("/");
        page.locator(".find-anything").getByRole(AriaRole.COMBOBOX).waitFor();
        type(words);
        assertThat(page.locator(".find-anything .ant-select-item-option-active .hit"))
                .containsText(Pattern.compile(words, Pattern.CASE_INSENSITIVE));
        press("Enter");
        assertThat(page.locator(".find-anything:visible")).hasCount(0);
    }

    private void press(String key) {
        page.keyboard().press(key);
    }

    private void type(String words) {
        page.keyboard().type(words);
    }

    /** By Tab to what has that name, as often as it takes. */
    private void to(String name) {
        for (int i = 0; i < MOST_STEPS; i++) {
            if (name.equals(page.evaluate(FOCUSED))) {
                return;
            }
            press("Tab");
        }
        fail("Tab never reaches “" + name + "”; it stands at " + page.evaluate(FOCUSED));
    }

    private static final String FOCUSED = """
            (() => {
              const e = document.activeElement;
              const label = e.labels && e.labels[0] ? e.labels[0].textContent : '';
              return (e.getAttribute('aria-label') || label || e.textContent).trim();
            })()""";
}
