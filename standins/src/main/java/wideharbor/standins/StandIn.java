package wideharbor.standins;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.SynchronousQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;

/** One instrument: a server on loopback that answers a line with a line. */
public final class StandIn implements AutoCloseable {
    private static final int MOST_CALLERS = 8;
    private static final int LONGEST_LINE = 200;
    private static final int IDLE_MS = 10_000;
    private static final double DRIFTS = 0.01;

    private final String title;
    private final String unit;
    private final String otherUnit;
    private final double plusMinus;
    private final ServerSocket server;
    private final ExecutorService callers;
    private final Random random = new Random(1);
    private double truth;
    private double noise;
    private double drifted;
    private Fault fault = Fault.NONE;

    /**
     * Begins to listen.
     *
     * @param port 0 for any that is free
     * @param otherUnit what it tells in when it tells in the wrong one
     * @param truth what it is to measure
     * @param plusMinus how far off it says it may be
     * @throws IOException when the port is taken
     */
    public StandIn(String title, int port, String unit, String otherUnit, double truth, double plusMinus)
            throws IOException {
        this.title = title;
        this.unit = unit;
        this.otherUnit = otherUnit;
        this.truth = truth;
        this.plusMinus = plusMinus;
        this.noise = plusMinus / 2;
        this.server = new ServerSocket(port, MOST_CALLERS, InetAddress.getLoopbackAddress());
        this.callers = new ThreadPoolExecutor(
                0,
                MOST_CALLERS + 1,
                1,
                TimeUnit.SECONDS,
                new SynchronousQueue<>(),
                task -> {
                    Thread thread = new Thread(task, "stand-in " + title);
                    thread.setDaemon(true);
                    return thread;
                },
                new ThreadPoolExecutor.DiscardPolicy());
        callers.execute(this::listen);
    }

    public String title() {
        return title;
    }

    public String unit() {
        return unit;
    }

    public int port() {
        return server.getLocalPort();
    }

    /** What it is to measure, by how much it scatters (standard deviation), and what is wrong with it. */
    public synchronized void pretend(double newTruth, double newNoise, Fault newFault) {
        truth = newTruth;
        noise = newNoise;
        fault = newFault;
        drifted = 0;
    }

    public synchronized double truth() {
        return truth;
    }

    public synchronized double noise() {
        return noise;
    }

    public synchronized Fault fault() {
        return fault;
    }

    private void listen() {
        while (!server.isClosed()) {
            try {
                Socket caller = server.accept();
                caller.setSoTimeout(IDLE_MS);
                callers.execute(() -> serve(caller));
            } catch (IOException e) {
                // Closed, or a caller that was gone at once: the next one is waited for.
            }
        }
    }

    private void serve(Socket caller) {
        try (caller;
                BufferedReader in =
                        new BufferedReader(new InputStreamReader(caller.getInputStream(), StandardCharsets.UTF_8));
                Writer out = new OutputStreamWriter(caller.getOutputStream(), StandardCharsets.UTF_8)) {
            for (String line = in.readLine(); line != null && line.length() <= LONGEST_LINE; line = in.readLine()) {
                String answer = answer(line.strip());
                if (!answer.isEmpty()) {
                    out.write(answer + "\n");
                    out.flush();
                }
            }
        } catch (IOException e) {
            // Who hangs up gets no answer.
        }
    }

    /** The line that a line is answered with; nothing for silence. */
    synchronized String answer(String line) {
        return switch (line) {
            case "WHO" -> "I-AM " + title;
            case "READ" -> reading();
            default -> "ERROR I know WHO and READ";
        };
    }

    private String reading() {
        drifted += fault == Fault.DRIFT ? truth * DRIFTS : 0;
        double value = truth + drifted + noise * random.nextGaussian();
        return switch (fault) {
            case SILENCE -> "";
            case GARBAGE -> "R#\u0007~ 8..1 ??";
            case WRONG_UNIT -> line(value, otherUnit, "STABLE");
            case MOVING -> line(value, unit, "MOVING");
            case NONE, DRIFT -> line(value, unit, "STABLE");
        };
    }

    private String line(double value, String in, String status) {
        return String.format(Locale.ROOT, "READING %.4f %s +- %.4f %s", value, in, plusMinus, status);
    }

    @Override
    public void close() throws IOException {
        server.close();
        callers.shutdownNow();
    }
}
