package wideharbor.app.book;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;
import wideharbor.core.book.Role;

/** The prep book and the cards, as they come out of the printer. */
@ExtendWith(RunningApp.class)
class BookEndpointTest {
    private static final double A4_WIDTH = 595;
    private static final double LETTER_WIDTH = 612;
    private final Client tech = RunningApp.as("tech");

    private static String text(PDDocument document) throws IOException {
        return new PDFTextStripper().getText(document);
    }

    @ParameterizedTest
    @ValueSource(strings = {"slack-water", "kiln", "second-bell", "the-lift", "queens-yard"})
    void theBookOfEveryJobIsWhole(String job) throws IOException {
        Client.Answer answer = tech.get("/api/jobs/" + job + "/book.pdf");
        assertEquals(200, answer.status());
        try (PDDocument document = Loader.loadPDF(answer.bytes())) {
            String text = text(document);
            int pages = document.getNumberOfPages();
            assertTrue(pages >= 12, pages + " pages");
            assertTrue(text.contains("1 of " + pages) && text.contains(pages + " of " + pages));
            for (JsonNode sheet :
                    tech.get("/api/jobs/" + job + "/papers").json().path("sheets")) {
                // The overview is headed by the job.
                if (sheet.path("there").asBoolean()
                        && !"OVERVIEW".equals(sheet.path("sheet").asString())) {
                    assertTrue(text.contains(sheet.path("title").asString()), sheet.toString());
                }
            }
            assertEquals(A4_WIDTH, document.getPage(0).getMediaBox().getWidth(), 1);
        }
    }

    /** Every page says which state of the job it is of. */
    @Test
    void eachSheetStandsAloneOnEitherPaper() throws IOException {
        String job = RunningApp.copyOf("second-bell");
        Client.Answer answer = tech.get("/api/jobs/" + job + "/book.pdf?sheets=BALANCE,MEDIA&paper=LETTER");
        try (PDDocument document = Loader.loadPDF(answer.bytes())) {
            assertEquals(LETTER_WIDTH, document.getPage(0).getMediaBox().getWidth(), 1);
            String text = text(document);
            assertTrue(text.contains("Cards and copies") && text.contains("Balance marks"), text);
            assertTrue(!text.contains("Pull list and cases"), text);
            PDFTextStripper one = new PDFTextStripper();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                one.setStartPage(page);
                one.setEndPage(page);
                String foot = one.getText(document);
                assertTrue(foot.contains("revision 1, draft, not signed"), foot);
            }
        }
        assertEquals(400, tech.get("/api/jobs/" + job + "/book.pdf?sheets=NONE").status());
        assertEquals(400, tech.get("/api/jobs/" + job + "/book.pdf?paper=A3").status());
        assertEquals(404, tech.get("/api/jobs/none/book.pdf").status());
    }

    @ParameterizedTest
    @EnumSource(Role.class)
    void aCardIsOnePage(Role role) throws IOException {
        for (String job : new String[] {"second-bell", "slack-water"}) {
            Client.Answer answer = tech.get("/api/jobs/" + job + "/cards/" + role + ".pdf");
            assertEquals(200, answer.status());
            try (PDDocument document = Loader.loadPDF(answer.bytes())) {
                assertTrue(text(document).contains(role.title()));
                assertEquals(1, document.getNumberOfPages(), role + " of " + job);
            }
        }
    }
}
