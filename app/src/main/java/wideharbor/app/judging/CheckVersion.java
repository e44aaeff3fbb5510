package wideharbor.app.judging;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.springframework.stereotype.Component;
import wideharbor.core.check.CheckEngine;

/**
 * What tells one version of the checks from another: a sum over the code that judges. A verdict of other code is no
 * verdict of this one.
 */
@Component
public class CheckVersion {
    private static final String CODE = ".class";

    private final String id;

    CheckVersion() {
        this(whereTheChecksAre());
    }

    CheckVersion(Path code) {
        try {
            this.id = sum(Files.isDirectory(code) ? inFolder(code) : inArchive(code));
        } catch (IOException e) {
            throw new UncheckedIOException("The checks' own code cannot be read", e);
        }
    }

    private static Path whereTheChecksAre() {
        try {
            return Path.of(CheckEngine.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
        } catch (URISyntaxException e) {
            throw new IllegalStateException("Internal error: the checks have no place", e);
        }
    }

    private static SortedMap<String, Long> inArchive(Path archive) throws IOException {
        SortedMap<String, Long> sums = new TreeMap<>();
        try (ZipFile file = new ZipFile(archive.toFile())) {
            Enumeration<? extends ZipEntry> entries = file.entries();
            while (entries.hasMoreElements()) {
                ZipEntry entry = entries.nextElement();
                if (entry.getName().endsWith(CODE)) {
                    sums.put(entry.getName(), entry.getCrc());
                }
            }
        }
        return sums;
    }

    private static SortedMap<String, Long> inFolder(Path folder) throws IOException {
        SortedMap<String, Long> sums = new TreeMap<>();
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path file : all.filter(f -> f.toString().endsWith(CODE)).toList()) {
                CRC32 crc = new CRC32();
                crc.update(Files.readAllBytes(file));
                sums.put(folder.relativize(file).toString(), crc.getValue());
            }
        }
        return sums;
    }

    private static String sum(SortedMap<String, Long> sums) {
        return Integer.toHexString(sums.hashCode());
    }

    /** Eight hexadecimal digits at the most. */
    public String id() {
        return id;
    }
}
