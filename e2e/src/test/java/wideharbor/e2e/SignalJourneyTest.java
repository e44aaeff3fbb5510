package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** Who sees the picture: told, failed box by box, switched, and mended on the Bench. */
class SignalJourneyTest extends Journey {
    private com.microsoft.playwright.Locator box(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }

    /** By keyboard alone: the transmitter loses its power, and the director the picture. */
    @Test
    void aBoxIsFailedByKeyAndWhatBreaksIsTold() {
        browser.signIn("tech");
        browser.open("/jobs/slack-water/signal");
        assertThat(page.locator(".signal")).containsText("no display in the kit is left that is good for focus");
        box("Picture transmitter").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".outage")).containsText("Director sees nothing");
        assertThat(page.locator(".signal")).containsText("gone");
        page.keyboard().press("Enter");
        assertThat(page.locator(".outage")).containsText("see what breaks");
        // The timecode box keeps its time on its own cells; nobody’s picture hangs on it.
        box("Timecode box").click();
        assertThat(page.locator(".outage")).not().containsText("sees nothing");
    }

    @Test
    void theLookIsPutOnAndTheMissingDisplayPacked() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/signal");
        page.getByLabel("Look on at Body Quellmar Tern, SDI 2").check();
        // Two more at once: none waits for the one before, none is lost.
        page.getByLabel("Look on at Body Quellmar Tern, SDI 1").check();
        page.getByLabel("Look on at Body Quellmar Tern, SDI 1").uncheck();
        assertThat(page.locator(".saving")).isEmpty();
        page.reload();
        assertThat(page.getByLabel("Look on at Body Quellmar Tern, SDI 2")).isChecked();
        assertThat(page.getByLabel("Look on at Body Quellmar Tern, SDI 1"))
                .not()
                .isChecked();
        browser.bench(job, "");
        finding("Focus puller sees no picture").getByText("Apply").first().click();
        assertThat(page.locator(".findings")).not().containsText("Focus puller sees no picture");
        browser.open("/jobs/" + job + "/signal");
        assertThat(page.locator(".signal")).not().containsText("no display in the kit");
    }

    /**
     * A cable by hand: pulled, plugged again by the one that is offered, and its rest laid out of the battery's bay.
     */
    @Test
    void aCableIsPulledPluggedAndLaid() {
        String job = RunningApp.copyOf("kiln");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/signal");
        assertThat(page.locator(".cables")).containsText("the rest in the battery bay of Body Quellmar Wren");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Unplug A Body Quellmar Wren › Picture transmitter"))
                .click();
        assertThat(page.locator(".cables tbody tr")).hasCount(6);
        page.getByText("Plug a cable").first().click();
        select("From").getByRole(AriaRole.COMBOBOX).fill("SDI 2");
        // The socket is open once the cable has been unplugged, not when its line is gone from the list.
        assertThat(page.locator(".ant-select-item-option-active:visible")).hasCount(1);
        page.keyboard().press("Enter");
        Locator to = page.getByRole(
                AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("To").setExact(true));
        assertThat(to).isEnabled();
        to.click();
        // On a busy machine the list opens after the click: what Enter takes must be there first.
        assertThat(page.locator(".ant-select-item-option-active:visible")).hasCount(1);
        page.keyboard().press("Enter");
        assertThat(page.locator(".lay")).containsText("in the kit");
        page.getByText("Plug it").click();
        assertThat(page.locator(".cables tbody tr")).hasCount(7);
        page.locator("tr", new Page.LocatorOptions().setHasText("Finder bus"))
                .getByText("Lay", new com.microsoft.playwright.Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("The rest lies in").click();
        page.locator(".ant-select-item-option", new Page.LocatorOptions().setHasText("nothing: tied where it runs"))
                .click();
        page.getByText("Lay it so").click();
        assertThat(page.locator(".cables")).not().containsText("battery bay");
        browser.bench(job, "");
        assertThat(page.locator(".findings")).not().containsText("lies in the battery bay");
    }

    /** The transmitter is let on while everybody waits: a line of the day that the lead changes where it is seen. */
    @Test
    void aDeviceDoesOtherThanTheRigForABlock() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("lead");
        browser.open("/jobs/" + job + "/power");
        String standby = "Picture transmitter in Standby";
        assertThat(select(standby)).hasText("off");
        page.waitForResponse("**/brief", () -> choose(standby, "on"));
        assertThat(select(standby)).hasText("on");
        page.reload();
        assertThat(select(standby)).hasText("on");
        choose(standby, "as the rig, standby");
        assertThat(select(standby)).containsText("as the rig");
    }

    /** Three bodies of one job, each with its own viewers and its own order of plugging. */
    @Test
    void eachBodyHasItsOwnVillage() {
        browser.signIn("tech");
        browser.open("/jobs/second-bell/signal");
        assertThat(page.locator(".order-card")).containsText("Power on Body Quellmar Petrel");
        assertThat(page.locator(".signal")).containsText("Operator A");
        choose("Build", "B camera");
        assertThat(page.locator(".signal")).containsText("Operator B");
        assertThat(page.locator(".signal")).containsText("Body Quellmar Petrel and Monitor 9 in, M9");
        choose("Build", "C camera");
        assertThat(page.locator(".signal")).containsText("Operator C");
        assertThat(page.locator(".signal")).not().containsText("Operator B");
    }
}
