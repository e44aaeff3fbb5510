package wideharbor.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;

/** A line to the database that can be cut, or go dead without anybody hanging up. */
public final class Line implements AutoCloseable {
    private final int there;
    private final ServerSocket here;
    private final List<Socket> open = new CopyOnWriteArrayList<>();
    private volatile State state = State.WHOLE;

    private enum State {
        WHOLE,
        CUT,
        DEAD
    }

    public Line(int there) {
        this.there = there;
        try {
            this.here = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        start(this::accept);
    }

    private static void start(Runnable work) {
        Thread thread = new Thread(work, "line");
        thread.setDaemon(true);
        thread.start();
    }

    public int port() {
        return here.getLocalPort();
    }

    public void cut() {
        state = State.CUT;
        open.forEach(Line::hangUp);
        open.clear();
    }

    public void goDead() {
        state = State.DEAD;
    }

    /** Whole again; what hung on the dead line is gone. */
    public void mend() {
        open.forEach(Line::hangUp);
        open.clear();
        state = State.WHOLE;
    }

    private void accept() {
        while (!here.isClosed()) {
            try {
                Socket near = here.accept();
                if (state == State.CUT) {
                    near.close();
                    continue;
                }
                Socket far = new Socket(InetAddress.getLoopbackAddress(), there);
                open.add(near);
                open.add(far);
                start(() -> carry(near, far));
                start(() -> carry(far, near));
            } catch (IOException e) {
                // Closed: the loop ends.
            }
        }
    }

    private void carry(Socket from, Socket to) {
        try {
            byte[] piece = new byte[1 << 14];
            for (int n = from.getInputStream().read(piece);
                    n >= 0;
                    n = from.getInputStream().read(piece)) {
                if (state == State.WHOLE) {
                    to.getOutputStream().write(piece, 0, n);
                }
            }
        } catch (IOException e) {
            // One side hung up.
        }
        hangUp(from);
        hangUp(to);
    }

    private static void hangUp(Socket socket) {
        try {
            socket.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        cut();
        try {
            here.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
