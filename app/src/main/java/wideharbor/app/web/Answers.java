package wideharbor.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import wideharbor.core.quantity.Words;

/** Refusals before a request has come as far as its controller, in the same shape as all others. */
public final class Answers {
    static final String RETRY_AFTER_SECONDS = "5";

    private Answers() {}

    /** The words are ours: nothing that somebody sent stands in them. */
    public static void refuse(HttpServletResponse response, Refusal refusal) throws IOException {
        HttpStatus status = refusal.status();
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        if (status == HttpStatus.SERVICE_UNAVAILABLE && response.getHeader(HttpHeaders.RETRY_AFTER) == null) {
            response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_AFTER_SECONDS);
        }
        String text = "{\"status\":" + status.value() + ",\"title\":\"" + status.getReasonPhrase() + "\",\"detail\":\""
                + Words.reason(refusal) + "\"}";
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        response.setContentLength(bytes.length);
        try {
            response.getOutputStream().write(bytes);
        } catch (IllegalStateException e) {
            // An answer had been begun as text, and was thrown away.
            response.getWriter().write(text);
        }
    }
}
