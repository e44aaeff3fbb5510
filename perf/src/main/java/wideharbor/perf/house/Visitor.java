package wideharbor.perf.house;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody who uses the house as the interface does: one session, its cookies, its guard against forged requests. */
final class Visitor {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final Duration LONGEST = Duration.ofSeconds(60);
    private static final String TOKEN = "XSRF-TOKEN";

    private final String base;
    private final HttpClient http;
    private final Map<String, String> cookies = new ConcurrentHashMap<>();

    Visitor(String base, HttpClient http) {
        this.base = base;
        this.http = http;
    }

    /** Status 0: nobody answered. */
    record Answer(int status, String text, long nanos) {
        JsonNode json() {
            return MAPPER.readTree(text);
        }

        boolean isOk() {
            return status >= 200 && status < 300;
        }
    }

    static Visitor signedIn(String base, HttpClient http, String name, String password) {
        Visitor visitor = new Visitor(base, http);
        visitor.signIn(name, password);
        return visitor;
    }

    void signIn(String name, String password) {
        get("/api/session");
        Answer answer = send(request("/api/login")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString("username=" + name + "&password=" + password)));
        if (answer.status() != 204) {
            throw new IllegalStateException(name + " could not sign in: " + answer);
        }
        get("/api/session");
    }

    Answer get(String path) {
        return send(request(path).GET());
    }

    Answer post(String path, Object body) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(MAPPER.writeValueAsString(body))));
    }

    Answer upload(String path, byte[] body) {
        return send(request(path)
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    Answer delete(String path) {
        return send(request(path).DELETE());
    }

    /** An edit of a build as the Bench asks for it. */
    Answer set(String job, int revision, String key, double value) {
        return post(
                "/api/jobs/" + job + "/builds/a/edits",
                Map.of(
                        "revision",
                        revision,
                        "configuration",
                        "",
                        "lens",
                        "",
                        "only",
                        false,
                        "request",
                        Map.of("kind", "SET", "key", key, "value", value)));
    }

    /** A stream of events that nobody reads but the machine: it stays open until the end. */
    InputStream listen(String path) throws IOException, InterruptedException {
        return http.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofInputStream())
                .body();
    }

    private HttpRequest.Builder request(String path) {
        HttpRequest.Builder builder =
                HttpRequest.newBuilder(URI.create(base + path)).timeout(LONGEST);
        if (!cookies.isEmpty()) {
            builder.header(
                    "Cookie",
                    cookies.entrySet().stream()
                            .map(c -> c.getKey() + "=" + c.getValue())
                            .collect(Collectors.joining("; ")));
        }
        if (cookies.containsKey(TOKEN)) {
            builder.header("X-" + TOKEN, cookies.get(TOKEN));
        }
        return builder;
    }

    private Answer send(HttpRequest.Builder request) {
        long begun = System.nanoTime();
        try {
            HttpResponse<byte[]> response = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            response.headers().allValues("Set-Cookie").forEach(this::keep);
            return new Answer(
                    response.statusCode(),
                    new String(response.body(), StandardCharsets.UTF_8),
                    System.nanoTime() - begun);
        } catch (IOException e) {
            return new Answer(0, String.valueOf(e), System.nanoTime() - begun);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return new Answer(0, "interrupted", System.nanoTime() - begun);
        }
    }

    private void keep(String header) {
        String pair = header.substring(0, header.indexOf(';') < 0 ? header.length() : header.indexOf(';'));
        int at = pair.indexOf('=');
        String name = pair.substring(0, at);
        String value = pair.substring(at + 1);
        if (value.isEmpty()) {
            cookies.remove(name);
        } else {
            cookies.put(name, value);
        }
    }
}
