package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** Finding parts, making them fit, and taking lists and packages in. */
class PartsJourneyTest extends Journey {
    private static FilePayload file(String name, byte[] bytes) {
        return new FilePayload(name, "application/octet-stream", bytes);
    }

    @Test
    void aPartIsFoundByWhatIsInTheHandAndItsPageRead() {
        browser.signIn("tech");
        browser.open("/catalogue");
        page.getByLabel("Or what you hold in the hand").fill("round thing, one 3/8 screw, length 10 mm");
        assertThat(page.locator(".catalogue thead")).containsText("Found by");
        page.getByLabel("Or what you hold in the hand").fill("");
        page.getByLabel("Name, maker or another name for it").fill("L-90");
        page.getByText("Portrait plate L-90", new Page.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Portrait plate L-90");
        assertThat(page.locator(".part-views svg")).hasCount(3);
        assertThat(page.locator(".used-in")).containsText("The Lift");
    }

    @Test
    void aListIsReadDryThenStored() {
        browser.signIn("lead");
        browser.open("/catalogue/import");
        String head = "id,maker,name,category,mass_g\n";
        page.locator("input[type=file]")
                .setInputFiles(file(
                        "bad.csv", (head + "loose-end,House,Loose end,SOFA,12\n").getBytes(StandardCharsets.UTF_8)));
        assertThat(page.locator(".import-state tbody tr")).hasCount(1);
        assertThat(page.locator(".import-state tbody")).containsText("category");
        page.locator("input[type=file]")
                .setInputFiles(file(
                        "good.csv",
                        (head + "spare-strap,House,Spare strap,OTHER,12\n").getBytes(StandardCharsets.UTF_8)));
        page.getByText("Store 1 new parts").click();
        // Before, it says that nothing is stored yet.
        assertThat(page.locator(".import-state")).containsText(Pattern.compile("(?<!is )stored(?! yet)"));
        page.getByText("Look it over").click();
        assertThat(page.locator(".catalogue tbody")).containsText("Spare strap");
        page.getByText("Offer this part").click();
        assertThat(page.locator(".catalogue")).containsText("No part answers this");
        browser.open("/catalogue?search=Spare strap");
        assertThat(page.locator(".catalogue tbody")).containsText("Spare strap");
        assertThat(page.locator(".catalogue tbody")).not().containsText("held");
    }

    @Test
    void aBodysPageTellsWhatGoesOnTheOthers() {
        browser.signIn("tech");
        browser.open("/catalogue/parts/body-wren%402");
        Locator table = page.locator(".cross-fit");
        assertThat(table).containsText("Top plate for Wren");
        page.getByLabel("only what is made for it").uncheck();
        page.getByLabel("Search parts").fill("tilt mount");
        assertThat(table).containsText("Tilt mount, pinned");
        browser.isAccessible();
    }

    /** A motor without its receiver is told; an arm's tip brought up; a use outside its purpose told. */
    @Test
    void partsThatNeedOthersAndArmsThatReach() {
        String job = RunningApp.copyOf("kiln");
        browser.signIn("tech");
        browser.bench(job, "");
        assertThat(finding("Focus motor on rods needs Lens control receiver"))
                .containsText("without the receiver that drives it");
        browser.bench(job, "?part=arm");
        Locator card = page.locator(".stack-row.chosen");
        card.getByLabel("Tip right").fill("254");
        card.getByLabel("Tip behind").fill("102");
        card.getByText("Bring it there").click();
        assertThat(page.locator(".bench-bar")).containsText("Revision 2");
        card.getByText("Serves outside its purpose").click();
        card.getByLabel("What it is made for, and its limit here").fill("A monitor arm; here 300 g at most");
        card.getByText("Record").click();
        assertThat(finding("Improvised: Arm, 180 mm")).containsText("300 g at most");
    }

    @Test
    void whatDoesNotScrewOnIsMendedThroughAnAdapter() {
        String job = RunningApp.copyOf("the-lift");
        browser.signIn("tech");
        browser.bench(job, "");
        Locator wrong = finding("foot does not fit Body");
        assertThat(wrong).containsText("1/4-20 thread does not go on 3/8-16 thread");
        wrong.getByText("Apply").first().click();
        assertThat(page.locator(".stack")).containsText("Plate 1/4-20 to 3/8-16 hole, pins both sides");
        assertThat(wrong).hasCount(0);
    }

    /** Dragged by 40 screen pixels, the part keeps the place it was dropped at, and one undo takes it back. */
    @Test
    void aPartIsDraggedAlongItsSlide() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.bench(job, "?part=box");
        Locator face = page.locator(".stack-row.chosen .row-face");
        String before = face.textContent();
        BoundingBox box = page.locator(".elevation .part.chosen").boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x - 20, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
        page.mouse().move(x - 40, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(5));
        assertThat(page.locator(".elevation .dragging")).containsText("mm");
        page.mouse().up();
        assertThat(page.locator(".bench-bar")).containsText("Revision 2");
        assertThat(face).not().hasText(before);
        browser.button("Undo").click();
        assertThat(face).hasText(before);
    }

    @Test
    void aPackageOfAKnownJobIsComparedAndMerged() {
        String job = RunningApp.copyOf("slack-water");
        RunningApp.as("lead").edit(job, "SET", Map.of("key", "rods:rods:0", "value", -58));
        browser.signIn("lead");
        browser.open("/jobs");
        page.locator(".open-package input[type=file]")
                .setInputFiles(file("theirs.harbor.json", RunningApp.packageFile("slack-water", job)));
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        assertThat(dialog).containsText("is here already");
        assertThat(dialog.locator("tbody")).containsText("-58");
        browser.isAccessible();
        dialog.getByText(Pattern.compile("^Take the file’s side")).click();
        page.waitForURL(Pattern.compile(".*/jobs/" + job + "/bench.*"));
        browser.bench(job, "?part=rods");
        assertThat(page.locator(".stack-row.chosen .row-face")).containsText("slide −52.0");
    }

    @Test
    void aLeadChangesAStandardAndTheJobsAreJudgedAnew() {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("lead");
        browser.open("/house");
        Locator row = page.locator("tr", new Page.LocatorOptions().setHasText("15 mm lightweight rods"));
        String figures = row.first().textContent();
        row.first().getByText("Change").click();
        page.getByLabel(Pattern.compile("^Note")).fill("checked against the drawing");
        page.getByText(Pattern.compile("^Store as revision")).click();
        assertThat(page.locator(".told")).containsText("judged");
        assertTrue(figures.contains("85"), figures);
        browser.bench(job, "");
        assertThat(finding("Axis 2.0 mm low")).hasCount(1);
    }

    @Test
    void theCalculatorAnswersWhileTyping() {
        browser.signIn("tech");
        browser.open("/calculators");
        assertThat(page.locator(".calc-answer .big")).hasText("0.5 + 2.0 + 5.0");
        page.locator(".calc-field input").first().fill("2");
        assertThat(page.locator(".calc-answer .big")).hasText("2.0");
        page.getByText("Plate stacks").click();
        choose("Carried by", "Gimbal GB-3, three axis");
        assertThat(page.locator(".stacks-table tbody tr").first()).containsText("Gimbal plate");
        browser.isAccessible();
        page.getByText("Keys", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".keys-table")).containsText("hex 5/32 in");
    }
}
