package wideharbor.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;

/** What is too large is refused before it is read, by whatever name it comes. */
@ExtendWith(RunningApp.class)
class BodiesTest {
    private final Client lead = RunningApp.as("lead");

    /** What is answered to a head alone: not a byte of the hundred million is sent. */
    private static String answerToHead(String path, String type) throws IOException {
        URI at = URI.create(RunningApp.url());
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), at.getPort())) {
            socket.setSoTimeout(1000);
            String head = "POST " + path + " HTTP/1.1\r\nHost: localhost\r\nContent-Type: " + type
                    + "\r\nContent-Length: 100000000\r\n\r\n";
            socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
            StringBuilder answer = new StringBuilder();
            byte[] piece = new byte[4096];
            while (answer.indexOf("}") < 0) {
                int read = socket.getInputStream().read(piece);
                if (read < 0) {
                    return answer.toString();
                }
                answer.append(new String(piece, 0, read, StandardCharsets.UTF_8));
            }
            return answer.toString();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"application/json", "application/octet-stream", "text/plain", "multipart/form-data"})
    void isRefusedByItsHeadAlone(String type) throws IOException {
        for (String path : new String[] {"/api/jobs", "/api/login", "/api/packages", "/nowhere"}) {
            String answer = answerToHead(path, type);
            assertTrue(answer.startsWith("HTTP/1.1 413"), answer);
            assertTrue(answer.contains("MB are read. Nothing was stored."), answer);
        }
    }

    @Test
    void isCutOffWhenItDoesNotSayHowLargeItIs() {
        Client.Answer answer = lead.postInPieces("/api/jobs", "{\"title\":\"" + "x".repeat(1_200_000) + "\"}");
        assertEquals(413, answer.status(), answer.text());
        assertTrue(answer.detail().contains("at most 1 MB"), answer.text());
    }

    @Test
    void isNotNestedBeyondWhatAnybodyWrites() {
        String deep = "{\"title\":" + "[".repeat(5000) + "]".repeat(5000) + "}";
        Client.Answer answer = lead.post("/api/jobs", deep);
        assertEquals(400, answer.status(), answer.text());
        assertEquals(
                400,
                lead.post("/api/jobs", "{\"title\":" + "9".repeat(900_000) + "}")
                        .status());
        assertEquals(200, lead.get("/api/jobs").status());
    }

    @Test
    void isReadUpToTheLimit() {
        String text = "1 plate\n".repeat(100_000);
        Client.Answer answer = lead.post("/api/jobs/kiln/kit/read", Map.of("text", text));
        assertTrue(answer.status() == 400 || answer.status() == 422, answer.status() + answer.text());
    }
}
