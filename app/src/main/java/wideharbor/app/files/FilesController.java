package wideharbor.app.files;

import java.io.IOException;
import java.io.InputStream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.app.web.Download;
import wideharbor.format.HarborCodec;

/** Package files out and in. */
@RestController
class FilesController {
    private final PackageFiles files;
    private final MergeService merges;

    FilesController(PackageFiles files, MergeService merges) {
        this.files = files;
        this.merges = merges;
    }

    record Imported(String job, String title) {}

    @GetMapping("/api/jobs/{job}/package.harbor.json")
    @Audited("exported a package")
    ResponseEntity<byte[]> download(@PathVariable String job) {
        return Download.of(job + ".harbor.json", MediaType.APPLICATION_JSON, files.write(job));
    }

    /** What a file would change here; stores nothing. */
    @PostMapping(value = "/api/packages/compare", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @PreAuthorize("hasAnyRole('LEAD','DESK','TECHNICIAN')")
    MergeService.PackageDifferences compare(jakarta.servlet.http.HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return merges.compare(in.readNBytes(HarborCodec.LARGEST + 1));
        }
    }

    @PostMapping(value = "/api/packages/merge", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Audited("merged a package file")
    @PreAuthorize("hasRole('LEAD')")
    MergeService.Merged merge(
            @RequestParam int revision,
            @RequestParam(defaultValue = "false") boolean withBrief,
            jakarta.servlet.http.HttpServletRequest request,
            java.security.Principal who)
            throws IOException {
        try (InputStream in = request.getInputStream()) {
            return merges.merge(in.readNBytes(HarborCodec.LARGEST + 1), revision, withBrief, who.getName());
        }
    }

    @PostMapping(value = "/api/packages", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Audited("opened a package file")
    @PreAuthorize("hasAnyRole('LEAD','DESK')")
    @ResponseStatus(HttpStatus.CREATED)
    Imported upload(jakarta.servlet.http.HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return files.take(in.readNBytes(HarborCodec.LARGEST + 1));
        }
    }
}
