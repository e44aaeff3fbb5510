package wideharbor.app.photos;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.security.Principal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.web.Refusal;
import wideharbor.core.photo.Mark;
import wideharbor.core.photo.Photo;
import wideharbor.core.photo.PhotoOf;

/** Photos of a job. */
@RestController
public class PhotoController {
    private static final Pattern UUID = Pattern.compile("[0-9a-fA-F-]{36}");
    private static final CacheControl A_DAY =
            CacheControl.maxAge(Duration.ofDays(1)).cachePrivate();

    private final PhotoService service;

    PhotoController(PhotoService service) {
        this.service = service;
    }

    /** {@code of} as "step:a|fit:quick". */
    record PhotoView(
            String id,
            String job,
            String of,
            int widthPx,
            int heightPx,
            String words,
            List<Mark> marks,
            String by,
            Instant at,
            long version) {}

    @GetMapping("/api/jobs/{job}/photos")
    List<PhotoView> photos(@PathVariable String job) {
        return service.of(job);
    }

    /** Of one piece, whatever the job. */
    @GetMapping("/api/stock/pieces/{code}/photos")
    @PreAuthorize("hasAnyRole('TECHNICIAN','DESK','LEAD','ADMINISTRATOR')")
    List<PhotoView> ofPiece(@PathVariable @Size(max = 64) String code) {
        return service.of(new PhotoOf(PhotoOf.Kind.PIECE, code));
    }

    /** The bytes of a JPEG, PNG or WebP; one that is sent twice is one. */
    @PostMapping(value = "/api/jobs/{job}/photos/{photo}", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','CREW')")
    List<PhotoView> bring(
            @PathVariable String job,
            @PathVariable String photo,
            @RequestParam @NotBlank @Size(max = PhotoOf.LONGEST + 10) String of,
            HttpServletRequest request,
            Principal who)
            throws IOException {
        if (!UUID.matcher(photo).matches()) {
            throw new Refusal(HttpStatus.BAD_REQUEST, "The id of a photo has 36 characters, but was '" + photo + "'.");
        }
        byte[] bytes = request.getInputStream().readNBytes(Picture.MOST_BYTES + 1);
        if (bytes.length > Picture.MOST_BYTES) {
            throw new Refusal(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "This photo is larger than 15 MB; at most that much is read. Nothing was stored.");
        }
        service.bring(job, photo, of, bytes, who.getName());
        return service.of(job);
    }

    /** An arrow, a ring or words on a photo, in shares of its width and height. */
    public record MarkTold(
            @NotNull Mark.Kind kind,
            @DecimalMin("0") @DecimalMax("1") double fromX,
            @DecimalMin("0") @DecimalMax("1") double fromY,
            @DecimalMin("0") @DecimalMax("1") double toX,
            @DecimalMin("0") @DecimalMax("1") double toY,
            @NotNull @Size(max = Mark.LONGEST) String words) {}

    /** {@code version}: the one that was looked at. */
    public record PhotoTold(
            @NotNull @Size(max = Photo.LONGEST) String words,
            @NotNull @Size(max = 40) List<@Valid @NotNull MarkTold> marks,
            long version) {}

    @PutMapping("/api/jobs/{job}/photos/{photo}")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','CREW')")
    List<PhotoView> tell(@PathVariable String job, @PathVariable String photo, @Valid @RequestBody PhotoTold told) {
        service.tell(job, photo, told);
        return service.of(job);
    }

    @DeleteMapping("/api/jobs/{job}/photos/{photo}")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD','CREW')")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String job, @PathVariable String photo, HttpServletRequest request, Principal who) {
        service.remove(job, photo, who.getName(), request.isUserInRole("LEAD"));
    }

    @GetMapping(value = "/api/jobs/{job}/photos/{photo}/picture.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> picture(
            @PathVariable String job, @PathVariable String photo, @RequestParam(defaultValue = "false") boolean small) {
        return ResponseEntity.ok()
                .cacheControl(A_DAY)
                .contentType(MediaType.IMAGE_JPEG)
                .body(service.picture(job, photo, small));
    }
}
