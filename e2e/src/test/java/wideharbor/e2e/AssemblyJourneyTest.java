package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** A rig put together from the cards: by keys, by a scanned part, by two people at once. */
class AssemblyJourneyTest extends Journey {
    private static Locator card(Page page) {
        return page.locator(".step-card");
    }

    private static Locator title(Page page) {
        return card(page).locator("h2");
    }

    @Test
    void twoPeoplePutARigTogether() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/bench");
        page.locator(".jobbar nav").getByText("Assembly").click();
        assertThat(title(page)).hasText("Lay out Body Quellmar Tern");
        assertThat(page.locator(".done-bar")).containsText("0 of 42");

        // By the keyboard alone: each tick goes on to the next step.
        page.keyboard().press("Space");
        assertThat(title(page)).hasText("Quick plate Q-11 onto Body Quellmar Tern");
        assertThat(card(page)).containsText("hex 3/16 in");
        assertThat(card(page)).containsText("2 × 3/8-16, captive");
        page.keyboard().press("Space");
        assertThat(page.locator(".done-bar")).containsText("2 of 42");

        // From the list too: chosen by the pointer, ticked by the space bar, and taken back.
        page.locator(".step-list li").nth(2).click();
        page.keyboard().press("Space");
        assertThat(page.locator(".done-bar")).containsText("3 of 42");
        page.keyboard().press("ArrowUp");
        assertThat(title(page)).hasText("Bridge plate B-15 onto Quick plate Q-11");
        page.keyboard().press("Space");
        assertThat(page.locator(".done-bar")).containsText("2 of 42");

        // A scanned part shows its step, and what must be done first.
        page.keyboard().press("s");
        page.keyboard().type("lens-a40");
        page.keyboard().press("Enter");
        assertThat(title(page)).hasText("Anamorphic 40 T2.3 onto Body Quellmar Tern");
        assertThat(card(page).locator(".step-waits")).containsText("Bridge plate B-15");
        assertThat(card(page).getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done all the same")))
                .isVisible();

        // Somebody else sees what is done, takes a tick back and says why.
        try (Browser other = Browser.as("lead")) {
            other.open("/jobs/" + job + "/assembly?step=fit:quick");
            assertThat(card(other.page())).containsText("done by Jonna Brask");
            other.page().getByLabel("Remark").fill("one screw is short");
            other.button("Not done after all").click();
            assertThat(other.page().locator(".done-bar")).containsText("1 of 42");
        }
        assertThat(page.locator(".done-bar")).containsText("1 of 42");

        // Worn otherwise, it is another rig.
        browser.open("/jobs/" + job + "/assembly?config=shoulder");
        assertThat(page.locator(".done-bar")).containsText("0 of ");
    }

    /** Made while the house cannot be reached, a tick survives the page: the one that is loaded next sends it. */
    @Test
    void aTickSurvivesThePage() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        String assembly = "/jobs/" + job + "/assembly";
        browser.open(assembly);
        assertThat(title(page)).hasText("Lay out Body Quellmar Tern");
        page.route("**/assembly/ticks**", Route::abort);
        page.keyboard().press("Space");
        assertThat(page.locator(".done-bar")).containsText("1 of 42");
        assertThat(page.locator(".away")).containsText("1 thing you did is kept on this device");
        browser.open(assembly);
        assertThat(page.locator(".away")).containsText("1 thing you did is kept on this device");
        page.unroute("**/assembly/ticks**");
        assertThat(page.locator(".done-bar")).containsText("1 of 42");
        assertThat(page.locator(".away")).isHidden();
        try (Browser other = Browser.as("lead")) {
            other.open(assembly);
            assertThat(other.page().locator(".done-bar")).containsText("1 of 42");
            other.page().locator(".step-list li").first().click();
            assertThat(card(other.page())).containsText("done by Jonna Brask");
        }
    }

    /** The rig in space: turned by keys, a part chosen where it is pressed; what is not on yet is no part to press. */
    @Test
    void theRigIsTurnedInSpace() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.bench(job, "");
        page.keyboard().press("5");
        Locator canvas = page.locator(".space canvas[data-drawn=true]");
        assertThat(canvas).hasAttribute("aria-label", Pattern.compile("The rig in space, 27 parts.*"));
        assertThat(canvas).hasAttribute("data-calls", Pattern.compile("[1-9]"));
        canvas.press("ArrowLeft");
        page.locator(".space-sides").getByText("right").click();
        var box = canvas.boundingBox();
        canvas.click(new Locator.ClickOptions().setPosition(box.width / 2, box.height / 2));
        page.waitForURL(Pattern.compile(".*part=[a-z].*"));

        browser.open("/jobs/" + job + "/assembly?view=SPACE&step=fit:box");
        assertThat(page.locator(".space canvas[data-drawn=true]")).isVisible();
        page.keyboard().press("ArrowUp");
        assertThat(title(page)).not().hasText("Matte box, two stage onto Rods 15 mm pair, 300");
    }
}
