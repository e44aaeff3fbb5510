package wideharbor.app.photos;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;
import wideharbor.core.photo.Mark;

/** Photos brought, turned, made small, pointed at, and refused. */
@ExtendWith(RunningApp.class)
class PhotoEndpointTest {
    private static final String WEBP = "UklGRhoAAABXRUJQVlA4TA0AAAAvAAAAEAcQERGIiP4HAA==";

    private final Client tech = RunningApp.as("tech");
    private final Client lead = RunningApp.as("lead");
    private final String photos = "/api/jobs/" + RunningApp.copyOf("kiln") + "/photos";

    /** The left half red, the right one blue. */
    private static byte[] image(String format, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height);
        g.setColor(Color.BLUE);
        g.fillRect(width / 2, 0, width - width / 2, height);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** With a note that the camera stood on its side: to be turned by a quarter to the right. */
    private static byte[] turned(byte[] jpeg) {
        byte[] exif = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.writeBytes(exif);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    private String bring(byte[] bytes, String of) {
        String id = UUID.randomUUID().toString();
        assertEquals(200, tech.upload(photos + "/" + id + "?of=" + of, bytes).status());
        return id;
    }

    private Client.Answer tried(byte[] bytes) {
        return tech.upload(photos + "/" + UUID.randomUUID() + "?of=case:3", bytes);
    }

    private static BufferedImage picture(Client.Answer answer) throws IOException {
        assertEquals(200, answer.status());
        return ImageIO.read(new ByteArrayInputStream(answer.bytes()));
    }

    @Test
    void itStandsTheRightWayUpAndTellsNothingOfTheCamera() throws IOException {
        String id = bring(turned(image("jpg", 600, 300)), "case:3");
        JsonNode view = tech.get(photos).json().get(0);
        assertEquals(300, view.path("widthPx").asInt());
        assertEquals(600, view.path("heightPx").asInt());
        assertEquals("case:3", view.path("of").asString());
        assertEquals("Jonna Brask", view.path("by").asString());
        Client.Answer kept = tech.get(photos + "/" + id + "/picture.jpg");
        BufferedImage image = picture(kept);
        assertEquals(300, image.getWidth());
        assertTrue(new Color(image.getRGB(150, 40)).getRed() > 200, "what was left is above");
        assertTrue(new Color(image.getRGB(150, 560)).getBlue() > 200);
        assertFalse(new String(kept.bytes(), StandardCharsets.ISO_8859_1).contains("Exif"));
        assertEquals(
                360,
                picture(tech.get(photos + "/" + id + "/picture.jpg?small=true")).getHeight());
    }

    @Test
    void aLargeOneIsMadeSmallerAndOtherKindsAreRead() throws IOException {
        bring(image("jpg", 5000, 2500), "case:1");
        bring(image("png", 30, 20), "case:1");
        bring(Base64.getDecoder().decode(WEBP), "case:1");
        JsonNode all = tech.get(photos).json();
        assertEquals(
                List.of(2400, 30, 1),
                all.valueStream().map(p -> p.path("widthPx").asInt()).toList());
    }

    @Test
    void whatIsTooLargeOrNoPictureIsRefusedByItsLimit() throws IOException {
        assertTrue(tried("hello".getBytes(StandardCharsets.UTF_8)).detail().contains("JPEG, PNG and WebP"));
        assertEquals(400, tried(new byte[0]).status());
        byte[] cut = image("png", 300, 300);
        assertEquals(400, tried(Arrays.copyOf(cut, cut.length / 2)).status());
        assertEquals(400, tried(image("gif", 30, 30)).status());
        ByteArrayOutputStream wide = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(8200, 5000, BufferedImage.TYPE_BYTE_BINARY), "png", wide);
        Client.Answer pixels = tried(wide.toByteArray());
        assertEquals(413, pixels.status());
        assertTrue(pixels.detail().contains("41 megapixels; at most 40"), pixels.detail());
        Client.Answer bytes = tried(new byte[15_000_001]);
        assertEquals(413, bytes.status());
        assertTrue(bytes.detail().contains("15 MB"), bytes.detail());
        assertEquals(0, tech.get(photos).json().size());
        assertEquals(
                400,
                tech.upload(photos + "/" + UUID.randomUUID() + "?of=lamp:3", image("png", 9, 9))
                        .status());
        assertEquals(
                404,
                tech.upload("/api/jobs/none/photos/" + UUID.randomUUID() + "?of=case:3", image("png", 9, 9))
                        .status());
    }

    @Test
    void oneSentTwiceIsOneAndTwoDoNotOverwriteEachOther() throws IOException {
        byte[] png = image("png", 30, 20);
        String id = bring(png, "piece:BD-014");
        assertEquals(
                1, tech.upload(photos + "/" + id + "?of=case:9", png).json().size());
        Map<String, Object> arrow =
                Map.of("kind", "ARROW", "fromX", 0.1, "fromY", 0.2, "toX", 0.5, "toY", 0.5, "words", "chipped here");
        Map<String, Object> told = Map.of("words", "Mount, seen from the front", "marks", List.of(arrow), "version", 0);
        JsonNode after = tech.put(photos + "/" + id, told).json().get(0);
        assertEquals("chipped here", after.at("/marks/0/words").asString());
        assertEquals("Mount, seen from the front", after.path("words").asString());
        assertEquals(409, lead.put(photos + "/" + id, told).status());
        assertEquals(
                400,
                tech.put(
                                photos + "/" + id,
                                Map.of(
                                        "words",
                                        "",
                                        "marks",
                                        List.of(Map.of(
                                                "kind", "ARROW", "fromX", 0.1, "fromY", 0.1, "toX", 0.1, "toY", 0.1,
                                                "words", "")),
                                        "version",
                                        1))
                        .status());
        assertTrue(tech.get("/api/stock/pieces/BD-014/photos")
                .json()
                .valueStream()
                .anyMatch(p -> p.path("id").asString().equals(id)));
        assertEquals(204, lead.delete(photos + "/" + id).status());
        assertEquals(404, tech.get(photos + "/" + id + "/picture.jpg").status());
    }

    /** The paper of the steps shows what was pictured at one, with its arrow. */
    @Test
    void itIsOnThePaperOfTheSteps() throws IOException {
        int before = paper().length;
        String step = tech.get(photos.replace("/photos", "") + "/builds/a/assembly")
                .json()
                .at("/steps/1/key")
                .asString();
        String id = bring(image("jpg", 1200, 800), "step:a%7C" + step);
        Map<String, Object> arrow = Map.of(
                "kind", "ARROW", "fromX", 0.9, "fromY", 0.9, "toX", 0.5, "toY", 0.5, "words", "the pin sits here");
        assertEquals(
                200,
                tech.put(photos + "/" + id, Map.of("words", "From above", "marks", List.of(arrow), "version", 0))
                        .status());
        assertTrue(paper().length > before + 5000, before + " and " + paper().length);
        BufferedImage drawn = ImageIO.read(new ByteArrayInputStream(MarkedPicture.draw(
                image("jpg", 1200, 800), List.of(new Mark(Mark.Kind.ARROW, 0.1, 0.5, 0.4, 0.5, "")))));
        assertEquals(900, drawn.getWidth());
        assertTrue(new Color(drawn.getRGB(225, 300)).getRed() < 60, "the arrow is dark on the red half");
        assertTrue(new Color(drawn.getRGB(225, 200)).getRed() > 200);
    }

    private byte[] paper() {
        return tech.get(photos.replace("/photos", "") + "/builds/a/assembly.pdf")
                .bytes();
    }

    @Test
    void itIsRemovedByWhoTookItOrALead() throws IOException {
        String id = UUID.randomUUID().toString();
        lead.upload(photos + "/" + id + "?of=job:x", image("png", 9, 9));
        assertEquals(403, tech.delete(photos + "/" + id).status());
        assertEquals(204, lead.delete(photos + "/" + id).status());
    }
}
