package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Holds docs/checks.md to the code; run with {@code -Dharbor.write-docs=true} to write it anew. */
class ChecksDocumentTest {
    private static final Path DOCUMENT = Path.of("..", "docs", "checks.md");

    @Test
    void theDocumentSaysWhatTheCodeSays() throws IOException {
        if (Boolean.getBoolean("harbor.write-docs")) {
            Files.writeString(DOCUMENT, ChecksDocument.text());
        }
        assertEquals(ChecksDocument.text(), Files.readString(DOCUMENT));
    }
}
