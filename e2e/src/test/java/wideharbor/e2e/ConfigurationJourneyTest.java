package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/**
 * One package worn in several ways: deriving, changing one alone, balancing, and what a change from one to another
 * takes.
 */
class ConfigurationJourneyTest extends Journey {
    private Locator tab(String title) {
        return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile(title)));
    }

    private Locator slide() {
        return page.locator(".stack-row.chosen .row-face");
    }

    private void configure(String choice, String title) {
        page.getByLabel("Configurations: derive, copy, turn").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByText(choice).click();
        if (!title.isEmpty()) {
            dialog.getByLabel("Title").fill(title);
        }
        browser.isAccessible();
        browser.button("Do it").click();
    }

    @Test
    void aDerivedConfigurationFollowsButMayDiffer() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.bench(job, "");
        configure("Derive from Studio", "Rain, on sticks");
        assertThat(tab("Rain, on sticks")).hasAttribute("aria-selected", "true");
        browser.bench(job, "?config=rain-on-sticks&part=handle");
        page.getByLabel("change here only").click();
        assertThat(page.getByLabel("change here only")).isChecked();
        Locator number = page.locator(".stack-row.chosen .setting input[role=spinbutton]")
                .first();
        number.fill("6");
        number.press("Enter");
        assertThat(slide()).containsText("slide 6.0");
        tab("Studio, on sticks").click();
        assertThat(slide()).containsText("slide 18.0");
        browser.button("Undo").click();
        tab("Rain, on sticks").click();
        assertThat(slide()).containsText("slide 18.0");
    }

    @Test
    void portraitGoesUnderASideAndIsTakenOutAgain() {
        String job = RunningApp.copyOf("queens-yard");
        browser.signIn("tech");
        browser.bench(job, "?config=sticks");
        configure("Turn to portrait", "Portrait, for the poster");
        assertThat(tab("Portrait, for the poster")).hasAttribute("aria-selected", "true");
        assertThat(page.locator(".stack")).containsText("Fluid head H-60");
        configure("Take Portrait, for the poster out", "");
        assertThat(tab("Portrait, for the poster")).hasCount(0);
        assertThat(tab("Low pole")).hasAttribute("aria-selected", "true");
    }

    @Test
    void aSlideIsTriedInTheBalanceBeforeItIsSet() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.bench(job, "?config=shoulder");
        page.keyboard().press("b");
        Locator first = page.locator(".balance-slide").first();
        assertThat(first).containsText("Shoulder pad");
        first.getByText("serves every lens").click();
        assertThat(page.locator(".balance-chart .would.out")).hasCount(0);
        first.getByText("Set it").click();
        assertThat(page.locator(".findings")).not().containsText("nose-heavy");
    }

    @Test
    void theChangeoverIsToldStepByStepAndSideBySide() {
        browser.signIn("desk");
        browser.open("/jobs/kiln/changeover");
        page.locator(".matrix tr:has-text('Body-support vest') .matrix-cell")
                .last()
                .click();
        assertThat(page.locator(".change-summary")).containsText("asked: 4 min, no tools");
        assertThat(page.locator(".change-steps")).containsText("in one piece with");
        assertThat(page.locator(".compare-sides")).containsText("Gimbal GB-3");
        browser.open("/jobs/kiln/brief");
        assertThat(page.locator(".requirements")).containsText("Body-support vest to Gimbal in 4 min, no tools");
    }

    @Test
    void theDeskAsksForAChangeAndItIsJudgedAtOnce() {
        String job = RunningApp.copyOf("second-bell");
        browser.signIn("desk");
        browser.open("/jobs/" + job + "/brief");
        browser.button("Edit the brief").click();
        page.getByLabel("Minutes at most").fill("1");
        browser.button("Save the brief").click();
        // Once for each of the three bodies: none of them changes in that time.
        assertThat(verdict()).containsText("Held by 3 stops");
        assertThat(page.locator(".requirements")).containsText("Hi-hat, under the balcony in 1 min");
    }

    @Test
    void aRigIsRememberedAndComesBackByKeyboard() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.bench(job, "?part=handle");
        page.keyboard().press("r");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Note").fill("tape on the slide");
        browser.button("Remember it as it stands").click();
        assertThat(dialog.getByText("Every number is as it was left")).isVisible();
        browser.isAccessible();
        page.keyboard().press("Escape");
        assertThat(dialog).isHidden();
        Locator number = page.locator(".stack-row.chosen .setting input[role=spinbutton]")
                .first();
        number.fill("6");
        number.press("Enter");
        assertThat(slide()).containsText("slide 6.0");
        number.blur();
        page.keyboard().press("r");
        browser.button("Set 1 number back").click();
        assertThat(page.locator(".stack-row", new Page.LocatorOptions().setHasText("slide 18.0 by feel")))
                .isVisible();
    }

    @Test
    void handsShoulderAndEyeAreToldWithTheirSides() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("desk");
        browser.bench(job, "?config=shoulder");
        browser.button("More").click();
        page.getByText("Hands, shoulder, eye (h)").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog.getByText("Ines Varga")).isVisible();
        assertThat(dialog.getByRole(
                        AriaRole.ROW, new Locator.GetByRoleOptions().setName(Pattern.compile("from above"))))
                .containsText("Top handle TH-2");
        browser.isAccessible();
    }
}
