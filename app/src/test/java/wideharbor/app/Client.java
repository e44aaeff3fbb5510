package wideharbor.app;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Talks to the application as the interface does: session cookie, CSRF header, JSON. */
public final class Client {
    private static final JsonMapper MAPPER = new JsonMapper();

    /** A request without an answer for so long is a standstill. */
    private static final Duration ANSWERED_WITHIN = Duration.ofSeconds(90);

    private final String base;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private Client(String base) {
        this.base = base;
    }

    @SuppressWarnings("ArrayRecordComponent")
    public record Answer(int status, byte[] bytes) {
        public String text() {
            return new String(bytes, StandardCharsets.UTF_8);
        }

        public JsonNode json() {
            return MAPPER.readTree(text());
        }

        public String detail() {
            return json().path("detail").asString("");
        }
    }

    public static Client anonymous(String base) {
        return new Client(base);
    }

    public static Client signedIn(String base, String user, String password) {
        Client client = new Client(base);
        Answer answer = client.signIn(user, password);
        if (answer.status() != 204) {
            throw new IllegalStateException("sign in as " + user + " answered " + answer);
        }
        client.get("/api/session");
        return client;
    }

    public Answer signIn(String user, String password) {
        get("/api/session");
        String form = "username=" + user + "&password=" + password;
        return send(request("/api/login")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofString(form)));
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    public Answer post(String path, Object body) {
        return send("POST", path, body, token());
    }

    public Answer put(String path, Object body) {
        return send("PUT", path, body, token());
    }

    public Answer delete(String path) {
        return send(request(path).header("X-XSRF-TOKEN", token()).DELETE());
    }

    public Answer postWithoutToken(String path, Object body) {
        return send("POST", path, body, "");
    }

    public Answer withBearer(String path, String token) {
        return send(request(path).header("Authorization", "Bearer " + token).GET());
    }

    /** Without saying beforehand how much it is. */
    public Answer postInPieces(String path, String body) {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        return send(request(path)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(bytes))));
    }

    /** What a stream of events brings, line by line, until it is closed. */
    public static final class Listening implements AutoCloseable {
        private final InputStream from;
        private final BlockingQueue<String> lines = new LinkedBlockingQueue<>();

        private Listening(InputStream from) {
            this.from = from;
            Thread reader = new Thread(this::read, "listening");
            reader.setDaemon(true);
            reader.start();
        }

        private void read() {
            try (BufferedReader in = new BufferedReader(new InputStreamReader(from, StandardCharsets.UTF_8))) {
                in.lines().forEach(lines::add);
            } catch (IOException | java.io.UncheckedIOException e) {
                lines.add("closed");
            }
        }

        /** The data of the next event of that name; fails after ten seconds without one. */
        public JsonNode next(String event) {
            try {
                long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(10);
                String line = "";
                while (!line.equals("event:" + event)) {
                    line = lines.poll(until - System.nanoTime(), TimeUnit.NANOSECONDS);
                    if (line == null) {
                        throw new IllegalStateException("no event '" + event + "' came");
                    }
                }
                String data = lines.poll(1, TimeUnit.SECONDS);
                return MAPPER.readTree(
                        data == null || data.equals("data:") ? "null" : data.substring("data:".length()));
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
        }

        @Override
        public void close() {
            try {
                from.close();
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
    }

    public Listening listen(String path) {
        try {
            HttpResponse<InputStream> response =
                    http.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofInputStream());
            if (response.statusCode() != 200) {
                throw new IllegalStateException(path + " answered " + response.statusCode());
            }
            return new Listening(response.body());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    public Answer upload(String path, byte[] body) {
        return send(request(path)
                .header("Content-Type", "application/octet-stream")
                .header("X-XSRF-TOKEN", token())
                .POST(HttpRequest.BodyPublishers.ofByteArray(body)));
    }

    private Answer send(String method, String path, Object body, String token) {
        String text = body instanceof String s ? s : MAPPER.writeValueAsString(body);
        HttpRequest.Builder builder = request(path).header("Content-Type", "application/json");
        if (!token.isEmpty()) {
            builder.header("X-XSRF-TOKEN", token);
        }
        return send(builder.method(method, HttpRequest.BodyPublishers.ofString(text)));
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(base + path)).timeout(ANSWERED_WITHIN);
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<byte[]> response = http.send(request.build(), HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(response.statusCode(), response.body());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }

    // --- the Bench ---

    /** A request of this kind with its fields. */
    public static Map<String, Object> request(String kind, Map<String, Object> fields) {
        Map<String, Object> request = new java.util.HashMap<>(fields);
        request.put("kind", kind);
        return request;
    }

    public JsonNode bench(String job) {
        return get("/api/jobs/" + job + "/builds/a/bench").json();
    }

    public int revision(String job) {
        return bench(job).path("revision").asInt();
    }

    public Answer edit(String job, int revision, String kind, Map<String, Object> fields) {
        return asked("edits", job, revision, kind, fields);
    }

    public Answer trial(String job, int revision, String kind, Map<String, Object> fields) {
        return asked("trials", job, revision, kind, fields);
    }

    private Answer asked(String where, String job, int revision, String kind, Map<String, Object> fields) {
        return post(
                "/api/jobs/" + job + "/builds/a/" + where,
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
                        request(kind, fields)));
    }

    public Answer edit(String job, String kind, Map<String, Object> fields) {
        return edit(job, revision(job), kind, fields);
    }

    public Answer step(String job, String which, boolean anyway) {
        return post(
                "/api/jobs/" + job + "/builds/a/" + which,
                Map.of("revision", revision(job), "configuration", "", "lens", "", "anyway", anyway));
    }

    private java.util.List<JsonNode> configurations(String job) {
        return bench(job)
                .path("configurations")
                .valueStream()
                .map(c -> get("/api/jobs/" + job + "/builds/a/bench?configuration="
                                + c.path("id").asString())
                        .json())
                .toList();
    }

    public static String remediesPath(String job, JsonNode finding) {
        return "/api/jobs/" + job + "/remedies?finding="
                + URLEncoder.encode(finding.path("key").asString(), StandardCharsets.UTF_8);
    }

    /** What would mend a finding, tried now. */
    public JsonNode remedies(String job, JsonNode finding) {
        return get(remediesPath(job, finding)).json().path("fixes");
    }

    /** Applies the first fix of every finding that has one, in every configuration, until none is left. */
    public void mend(String job) {
        for (int i = 0; i < 16; i++) {
            JsonNode open = null;
            String at = "";
            for (JsonNode bench : configurations(job)) {
                for (JsonNode finding : bench.path("findings")) {
                    if (open == null && !remedies(job, finding).isEmpty()) {
                        open = finding;
                        at = bench.path("configuration").asString();
                    }
                }
            }
            if (open == null) {
                return;
            }
            Map<String, Object> fix = request(
                    "FIX",
                    Map.of(
                            "finding",
                            open.path("key").asString(),
                            "fix",
                            remedies(job, open).at("/0/id").asString()));
            post(
                    "/api/jobs/" + job + "/builds/a/edits",
                    Map.of("revision", revision(job), "configuration", at, "lens", "", "only", false, "request", fix));
        }
    }

    public void readAll(String job) {
        for (JsonNode bench : configurations(job)) {
            for (JsonNode finding : bench.path("findings")) {
                if (finding.path("severity").asString().equals("CAUTION")) {
                    post(
                            "/api/jobs/" + job + "/reads",
                            Map.of("finding", finding.path("key").asString()));
                }
            }
        }
    }
}
