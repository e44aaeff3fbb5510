package wideharbor.app.web;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** An answer that a browser keeps as a file. */
public final class Download {
    public static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);
    public static final MediaType ICS = new MediaType("text", "calendar", StandardCharsets.UTF_8);

    private Download() {}

    public static <T> ResponseEntity<T> of(String file, MediaType type, T body) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(file).build().toString())
                .body(body);
    }

    public static ResponseEntity<byte[]> pdf(String file, byte[] body) {
        return of(file, MediaType.APPLICATION_PDF, body);
    }
}
