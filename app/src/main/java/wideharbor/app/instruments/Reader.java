package wideharbor.app.instruments;

import jakarta.annotation.PreDestroy;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import wideharbor.app.web.Refusal;

/** Asks instruments on threads of its own, a few at a time, and waits for none of them long. */
@Component
class Reader {
    private static final int CONNECT_MS = 1500;
    private static final int ANSWER_MS = 2500;
    private static final int LONGEST_ANSWER = 500;
    private static final int AT_ONCE = 3;
    private static final int MOST_WAITING = 24;

    private final ThreadPoolExecutor threads = new ThreadPoolExecutor(
            AT_ONCE, AT_ONCE, 30, TimeUnit.SECONDS, new ArrayBlockingQueue<>(MOST_WAITING), task -> {
                Thread thread = new Thread(task, "instrument");
                thread.setDaemon(true);
                return thread;
            });

    /** The line with which an instrument answers; refused in words when it does not. */
    CompletableFuture<String> ask(Connected instrument) {
        try {
            return CompletableFuture.supplyAsync(() -> read(instrument), threads);
        } catch (RejectedExecutionException e) {
            throw Refusal.busy();
        }
    }

    private static String read(Connected instrument) {
        try (Socket socket = new Socket()) {
            socket.connect(new InetSocketAddress(instrument.host(), instrument.port()), CONNECT_MS);
            socket.setSoTimeout(ANSWER_MS);
            socket.getOutputStream().write("READ\n".getBytes(StandardCharsets.UTF_8));
            socket.getOutputStream().flush();
            return line(new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8)));
        } catch (SocketTimeoutException e) {
            throw refused(instrument, "does not answer");
        } catch (IOException e) {
            throw refused(instrument, "cannot be reached at " + instrument.host() + ":" + instrument.port());
        }
    }

    private static Refusal refused(Connected instrument, String why) {
        return new Refusal(
                HttpStatus.CONFLICT,
                instrument.title() + " " + why + ". Nothing was stored; read it again, or type the figure in.");
    }

    /** A line, however long the instrument goes on. */
    private static String line(BufferedReader in) throws IOException {
        long until = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(ANSWER_MS);
        StringBuilder line = new StringBuilder();
        for (int c = in.read(); c >= 0 && c != '\n' && line.length() < LONGEST_ANSWER; c = in.read()) {
            line.append((char) c);
            if (System.nanoTime() > until) {
                throw new SocketTimeoutException();
            }
        }
        return line.toString().strip();
    }

    @PreDestroy
    void close() {
        threads.shutdownNow();
    }
}
