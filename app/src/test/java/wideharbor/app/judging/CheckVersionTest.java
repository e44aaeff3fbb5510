package wideharbor.app.judging;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The same code is the same version, in a folder or packed; another byte is another. */
class CheckVersionTest {
    @TempDir
    Path folder;

    private Path packed() throws IOException {
        Path archive = folder.resolve("checks.jar");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(archive))) {
            for (String name : new String[] {"b/Two.class", "One.class"}) {
                zip.putNextEntry(new ZipEntry(name));
                zip.write(Files.readAllBytes(folder.resolve("classes").resolve(name)));
                zip.closeEntry();
            }
        }
        return archive;
    }

    @Test
    void isOfTheCodeAlone() throws IOException {
        Path classes = Files.createDirectories(folder.resolve("classes/b")).getParent();
        Files.writeString(classes.resolve("One.class"), "judges masses");
        Files.writeString(classes.resolve("b/Two.class"), "judges rods");
        String version = new CheckVersion(classes).id();
        Files.writeString(classes.resolve("notes.txt"), "not code");
        assertEquals(version, new CheckVersion(classes).id());
        assertEquals(version, new CheckVersion(packed()).id());
        Files.writeString(classes.resolve("b/Two.class"), "judges Rods");
        assertNotEquals(version, new CheckVersion(classes).id());
    }

    @Test
    void theChecksOfThisVersionHaveOne() {
        String id = new CheckVersion().id();
        assertFalse(id.isEmpty());
        assertEquals(id, new CheckVersion().id());
    }
}
