package wideharbor.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import wideharbor.app.RunningApp;

/** A photo of a step: brought, pointed at with an arrow, seen by somebody else; and what is no photo. */
class PhotoJourneyTest extends Journey {
    private static byte[] plate() throws IOException {
        BufferedImage image = new BufferedImage(1600, 1000, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(0xd9d2c1));
        g.fillRect(0, 0, 1600, 1000);
        g.setColor(new Color(0x4c5b60));
        g.fillRect(300, 350, 1000, 300);
        g.setColor(new Color(0x14262e));
        g.fillOval(1000, 460, 80, 80);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    private void bring(String name, String type, byte[] bytes) {
        page.locator(".step-card .photos input[type=file]").setInputFiles(new FilePayload(name, type, bytes));
    }

    @Test
    void aStepIsPicturedAndPointedAt() throws IOException {
        String job = RunningApp.copyOf("slack-water");
        browser.signIn("tech");
        browser.open("/jobs/" + job + "/assembly?step=fit:quick");
        bring("words.jpg", "image/jpeg", "no picture".getBytes(StandardCharsets.UTF_8));
        assertThat(page.locator(".step-card .photos")).containsText("JPEG, PNG and WebP");

        bring("plate.jpg", "image/jpeg", plate());
        Locator thumb = page.locator(".photo-thumb");
        assertThat(thumb).hasCount(1);
        thumb.click();
        page.getByText("draw an arrow").click();
        BoundingBox box = page.locator(".marked").boundingBox();
        page.mouse().move(box.x + box.width * 0.3, box.y + box.height * 0.2);
        page.mouse().down();
        page.mouse().move(box.x + box.width * 0.5, box.y + box.height * 0.4);
        page.mouse().move(box.x + box.width * 0.65, box.y + box.height * 0.5);
        page.mouse().up();
        page.getByLabel("Words of mark 1").fill("pin sits here");
        page.getByLabel("What is to be seen").fill("Quick plate from above");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save"))
                .click();
        assertThat(thumb).containsText("Quick plate from above");
        browser.isAccessible();

        try (Browser other = Browser.as("lead")) {
            other.open("/jobs/" + job + "/assembly?step=fit:quick");
            other.page().locator(".photo-thumb").click();
            assertThat(other.page().locator(".marked text")).hasText("pin sits here");
            other.page()
                    .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Remove the photo"))
                    .click();
            other.page()
                    .getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Remove").setExact(true))
                    .click();
        }
        assertThat(thumb).hasCount(0);
    }
}
