package wideharbor.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.net.SocketTimeoutException;
import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.hibernate.TransactionException;
import org.junit.jupiter.api.Test;

class TroubleTest {
    private static Optional<Trouble> wrapped(Throwable cause) {
        return Trouble.of(new IllegalStateException("could not commit", new RuntimeException(cause)));
    }

    @Test
    void knowsWhetherNobodyAnswersOrAllAreInUse() {
        assertEquals(Optional.of(Trouble.BUSY), wrapped(new SQLTransientConnectionException("timed out")));
        SQLException refused = new SQLNonTransientConnectionException("Socket fail to connect", "08000");
        assertEquals(
                Optional.of(Trouble.AWAY), wrapped(new SQLTransientConnectionException("timed out", null, refused)));
        assertEquals(Optional.of(Trouble.AWAY), wrapped(refused));
        String none = "request timed out after 2500ms (total=0, active=0, idle=0, waiting=1)";
        assertEquals(Optional.of(Trouble.AWAY), wrapped(new SQLTransientConnectionException(none)));
        SQLException closed = new SQLException("Connection is closed");
        assertEquals(Optional.of(Trouble.AWAY), wrapped(closed));
        assertEquals(Optional.of(Trouble.AWAY), wrapped(new TransactionException("Unable to rollback", closed)));
        assertEquals(Optional.of(Trouble.AWAY), wrapped(new SocketTimeoutException("Read timed out")));
        assertEquals(Optional.of(Trouble.AWAY), wrapped(new SQLException("Connection was killed", "70100", 1927)));
    }

    @Test
    void knowsAFullDiskAndALockThatOthersHold() {
        assertEquals(Optional.of(Trouble.FULL), wrapped(new SQLException("The table 'build' is full", "HY000", 1114)));
        assertEquals(Optional.of(Trouble.BUSY), wrapped(new SQLException("Lock wait timeout", "HY000", 1205)));
    }

    @Test
    void isNotToBlameForTheRest() {
        assertEquals(Optional.empty(), wrapped(new SQLException("Duplicate entry", "23000", 1062)));
        assertEquals(Optional.empty(), Trouble.of(new NullPointerException()));
    }
}
