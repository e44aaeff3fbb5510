package wideharbor.app.catalog;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Pattern;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.Principal;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.app.web.Refusal;

/** Lists of parts coming in: dry run, progress, cancel, and only then for good. */
@RestController
@RequestMapping("/api/catalogue/imports")
@PreAuthorize("hasRole('LEAD')")
class ImportController {
    private static final int LARGEST = 60_000_000;

    private final Imports imports;

    ImportController(Imports imports) {
        this.imports = imports;
    }

    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.ACCEPTED)
    Imports.ImportState begin(
            @RequestParam @Pattern(regexp = "[^/\\\\]{1,120}\\.(csv|json)", message = "must be a .csv or .json file")
                    String name,
            HttpServletRequest request,
            Principal who)
            throws IOException {
        return imports.begin(name, who.getName(), spooled(request));
    }

    /** The list in a file of ours: however many come at once, none of them is held in memory. */
    private static Path spooled(HttpServletRequest request) throws IOException {
        Path file = Files.createTempFile("harbor-import-", ".part");
        try (InputStream in = request.getInputStream();
                OutputStream out = Files.newOutputStream(file)) {
            long size = 0;
            byte[] piece = new byte[1 << 16];
            for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
                size += n;
                if (size > LARGEST) {
                    throw new Refusal(
                            HttpStatus.CONTENT_TOO_LARGE, "The file is larger than 60 MB; at most that much is read.");
                }
                out.write(piece, 0, n);
            }
            return file;
        } catch (IOException | RuntimeException e) {
            Files.deleteIfExists(file);
            throw e;
        }
    }

    @GetMapping("/{id}")
    Imports.ImportState state(@PathVariable String id) {
        return imports.state(id);
    }

    @PostMapping("/{id}/store")
    @Audited("stored an import into the catalogue")
    Imports.ImportState store(@PathVariable String id, Principal who) {
        return imports.store(id, who.getName());
    }

    @DeleteMapping("/{id}")
    Imports.ImportState cancel(@PathVariable String id) {
        return imports.cancel(id);
    }
}
