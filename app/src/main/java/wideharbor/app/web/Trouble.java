package wideharbor.app.web;

import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.hibernate.TransactionException;
import org.springframework.http.HttpStatus;

/** What stands between us and the database, as the errors tell it. */
public enum Trouble {
    /** Nobody answers there, or no longer. */
    AWAY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "The database does not answer just now. If you were changing something, see whether it is there before you "
                    + "do it again."),
    /** It answers, but has no room left. */
    FULL(
            HttpStatus.INSUFFICIENT_STORAGE,
            "The database has no room left on its disk; this was not stored. Whoever looks after the machine must make "
                    + "room."),
    /** Others hold what was wanted. */
    BUSY(
            HttpStatus.SERVICE_UNAVAILABLE,
            "Too many ask at once just now; nothing was changed. Try again in a few seconds.");

    /** MariaDB: disk full, table full, error of the storage engine while writing. */
    private static final Set<Integer> NO_ROOM = Set.of(1021, 1114, 1030);

    /** MariaDB: waited too long for a lock, deadlock (also: refused by another node at commit). */
    private static final Set<Integer> HELD = Set.of(1205, 1213);

    private static final int DEADLOCK = 1213;

    private static final int DEEPEST = 20;

    /** MariaDB: too many connections, shutting down, cut off, node not ready. */
    private static final Set<Integer> NOT_THERE = Set.of(1040, 1053, 1927, 1047);

    /** The states of SQL for everything that has to do with the connection. */
    private static final String CONNECTION = "08";

    /** What the pool says, without a code, of a connection that it has thrown away under somebody. */
    private static final String CLOSED = "Connection is closed";

    private final HttpStatus status;
    private final String words;

    Trouble(HttpStatus status, String words) {
        this.status = status;
        this.words = words;
    }

    /** What kind of trouble an error is of; none when it has nothing to do with the database being there. */
    public static Optional<Trouble> of(Throwable error) {
        return causes(error).flatMap(cause -> told(cause).stream()).findFirst();
    }

    /** Whether the database itself took the whole transaction back, so that it may be run again. */
    static boolean isTakenBack(Throwable error) {
        return causes(error).anyMatch(cause -> cause instanceof SQLException said && said.getErrorCode() == DEADLOCK);
    }

    private static Stream<Throwable> causes(Throwable error) {
        return Stream.iterate(error, Objects::nonNull, Throwable::getCause).limit(DEEPEST);
    }

    private static Optional<Trouble> told(Throwable cause) {
        if (cause instanceof SQLTransientConnectionException pool && pool.getCause() == null) {
            // All connections are in use, or the pool has none at all and says so in its words only.
            return Optional.of(String.valueOf(pool.getMessage()).contains("(total=0,") ? AWAY : BUSY);
        }
        if (!(cause instanceof SQLException said)) {
            // Neither committed nor taken back: the connection went under the transaction.
            return cause instanceof TransactionException
                            || cause instanceof SocketTimeoutException
                            || cause instanceof SocketException
                    ? Optional.of(AWAY)
                    : Optional.empty();
        }
        if (NO_ROOM.contains(said.getErrorCode())) {
            return Optional.of(FULL);
        }
        if (HELD.contains(said.getErrorCode())) {
            return Optional.of(BUSY);
        }
        boolean away = NOT_THERE.contains(said.getErrorCode())
                || CLOSED.equals(said.getMessage())
                || said.getSQLState() != null && said.getSQLState().startsWith(CONNECTION);
        return away ? Optional.of(AWAY) : Optional.empty();
    }

    public Refusal refusal() {
        return new Refusal(status, words);
    }
}
