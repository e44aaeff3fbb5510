package wideharbor.app.catalog;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import wideharbor.app.Client;
import wideharbor.app.RunningApp;
import wideharbor.format.HarborCodec;

/** What is committed is there for everybody at once; what is not, for nobody. */
@ExtendWith(RunningApp.class)
class CatalogueVersionTest {
    private static final String PART = """
            {"ref": "%s@1", "maker": "Tarnwick", "name": "Shim of the test", "category": "PLATE", "capabilities": [],
             "links": [{"id": "main", "massGrams": 10, "centreOfMass": [0, 0, 0], "shapes": []}], "ports": []}""";

    private final Client lead = RunningApp.as("lead");

    private int write(Client who, String id) {
        return who.post("/api/catalogue/parts", Map.of("text", PART.formatted(id)))
                .status();
    }

    /** Readers fill the cache all the while: a part that is stored is found by the very next question. */
    @Test
    void aStoredPartIsThereAtOnceHoweverManyRead() throws Exception {
        AtomicBoolean done = new AtomicBoolean();
        ExecutorService readers = Executors.newFixedThreadPool(4);
        List<Future<?>> reading = new ArrayList<>();
        try {
            for (int i = 0; i < 4; i++) {
                Client reader = RunningApp.as("tech");
                reading.add(readers.submit(() -> {
                    while (!done.get()) {
                        assertEquals(
                                200, reader.get("/api/catalogue?search=shim").status());
                    }
                }));
            }
            for (int i = 0; i < 40; i++) {
                assertEquals(201, write(lead, "race-" + i));
                assertEquals(
                        200, lead.get("/api/catalogue/parts/race-" + i + "@1").status(), "part " + i);
            }
        } finally {
            done.set(true);
            readers.shutdown();
        }
        for (Future<?> one : reading) {
            one.get();
        }
    }

    /** A job that somebody looks at is not changed by a new part, and offers it all the same. */
    @Test
    void aStoredPartIsOfferedOnTheBenchAtOnce() {
        String job = RunningApp.copyOf("slack-water");
        String fit = "/api/jobs/" + job + "/builds/a/fit?port=body:right&search=of+the+bench+test";
        assertEquals(0, lead.get(fit).json().path("total").asInt());
        ObjectNode shelf = (ObjectNode) HarborCodec.mapper()
                .readTree(lead.get("/api/catalogue/parts/side-shelf@1/text")
                        .json()
                        .path("text")
                        .asString());
        shelf.put("ref", "bench-test-shelf@1").put("name", "Shelf of the bench test");
        assertEquals(
                201,
                lead.post("/api/catalogue/parts", Map.of("text", shelf.toString()))
                        .status());
        assertEquals(1, lead.get(fit).json().path("total").asInt());
    }

    /** Another node on the same database sees a part at once, and overwrites nothing from a stale standard. */
    @Test
    void anotherNodeSeesWhatIsStored() {
        try (ConfigurableApplicationContext other = RunningApp.node()) {
            Client there = Client.signedIn(RunningApp.url(other), "lead", RunningApp.PASSWORD);
            assertEquals(200, there.get("/api/catalogue?search=shim").status());
            assertEquals(201, write(lead, "two-nodes"));
            assertEquals(200, there.get("/api/catalogue/parts/two-nodes@1").status());

            JsonNode seen = standard(there);
            assertEquals(200, change(lead, seen, "first").status());
            Client.Answer stale = change(there, seen, "second");
            assertEquals(409, stale.status(), stale.text());
            assertEquals("first", standard(there).path("note").asString());
            assertTrue(standard(lead).path("revision").asInt()
                    == seen.path("revision").asInt() + 1);
        }
    }

    private static JsonNode standard(Client who) {
        return who.get("/api/house/standards")
                .json()
                .valueStream()
                .filter(s -> s.path("id").asString().equals("m6"))
                .findFirst()
                .orElseThrow();
    }

    private static Client.Answer change(Client who, JsonNode seen, String note) {
        return who.put(
                "/api/house/standards/m6",
                Map.of(
                        "revision",
                        seen.path("revision").asInt(),
                        "title",
                        seen.path("title").asString(),
                        "note",
                        note,
                        "loadGrams",
                        seen.path("loadGrams").asDouble(),
                        "facts",
                        List.of()));
    }
}
