package wideharbor.standins;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** What instruments answer, well and unwell. */
class StandInTest {
    private static String ask(StandIn of, String line) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), of.port())) {
            socket.setSoTimeout(300);
            socket.getOutputStream().write((line + "\n").getBytes(StandardCharsets.UTF_8));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8))
                    .readLine();
        }
    }

    private static double value(String reading) {
        return Double.parseDouble(reading.split(" ")[1]);
    }

    @Test
    void aReadingIsOneLine() throws IOException {
        try (StandIn scale = new StandIn("Bench scale", 0, "kg", "lb", 15.02, 0.005)) {
            assertEquals("I-AM Bench scale", ask(scale, "WHO"));
            scale.pretend(15.02, 0, Fault.NONE);
            assertEquals("READING 15.0200 kg +- 0.0050 STABLE", ask(scale, "READ"));
            assertEquals("ERROR I know WHO and READ", ask(scale, "TARE"));
        }
    }

    /** Readings scatter about the truth by what they are told to. */
    @Test
    void readingsScatter() throws IOException {
        try (StandIn scale = new StandIn("Bench scale", 0, "kg", "lb", 10, 0.005)) {
            scale.pretend(10, 0.1, Fault.NONE);
            double sum = 0;
            double squares = 0;
            for (int i = 0; i < 400; i++) {
                double off = value(scale.answer("READ")) - 10;
                sum += off;
                squares += off * off;
            }
            assertEquals(0, sum / 400, 0.02);
            assertEquals(0.1, Math.sqrt(squares / 400), 0.015);
        }
    }

    @Test
    void faultsAreAsTheyAreCalled() throws IOException {
        try (StandIn scale = new StandIn("Bench scale", 0, "kg", "lb", 10, 0.005)) {
            scale.pretend(10, 0, Fault.WRONG_UNIT);
            assertTrue(ask(scale, "READ").contains(" lb "));
            scale.pretend(10, 0, Fault.MOVING);
            assertTrue(ask(scale, "READ").endsWith("MOVING"));
            scale.pretend(10, 0, Fault.GARBAGE);
            assertTrue(ask(scale, "READ").contains("??"));
            scale.pretend(10, 0, Fault.DRIFT);
            assertEquals(10.1, value(scale.answer("READ")), 1e-9);
            assertEquals(10.2, value(scale.answer("READ")), 1e-9);
            scale.pretend(10, 0, Fault.SILENCE);
            assertThrows(SocketTimeoutException.class, () -> ask(scale, "READ"));
        }
    }

    @Test
    void aBenchHasEveryInstrumentOnceAndCloses() throws IOException {
        Bench bench = Bench.open(0);
        assertEquals(Bench.Kind.values().length, bench.all().size());
        int port = bench.all().get(Bench.Kind.SCALE).port();
        bench.close();
        assertThrows(IOException.class, () -> new Socket(InetAddress.getLoopbackAddress(), port).close());
    }
}
