package wideharbor.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.sql.SQLException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.aop.framework.ProxyFactory;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class AgainAfterDeadlockTest {
    private final AtomicInteger calls = new AtomicInteger();

    /** Refused so many times, with this error of the database. */
    private IntSupplier refused(int times, int code) {
        IntSupplier service = () -> {
            if (calls.incrementAndGet() <= times) {
                throw new CannotAcquireLockException("at commit", new SQLException("Deadlock found", "40001", code));
            }
            return 42;
        };
        ProxyFactory around = new ProxyFactory(IntSupplier.class, new AgainAfterDeadlock.Around());
        around.setTarget(service);
        return (IntSupplier) around.getProxy();
    }

    @AfterEach
    void end() {
        TransactionSynchronizationManager.setActualTransactionActive(false);
    }

    @Test
    void runsAgainWhatTheDatabaseTookBack() {
        assertEquals(42, refused(3, 1213).getAsInt());
        assertEquals(4, calls.get());
    }

    @Test
    void givesUpInTheEnd() {
        assertThrows(CannotAcquireLockException.class, () -> refused(9, 1213).getAsInt());
        assertEquals(4, calls.get());
    }

    @Test
    void runsNothingAgainThatMayStand() {
        assertThrows(CannotAcquireLockException.class, () -> refused(1, 1205).getAsInt());
        assertEquals(1, calls.get());
    }

    /** Half of a transaction cannot be run again: whoever began it does. */
    @Test
    void leavesWhatIsInsideATransactionToWhoeverBeganIt() {
        TransactionSynchronizationManager.setActualTransactionActive(true);
        assertThrows(CannotAcquireLockException.class, () -> refused(1, 1213).getAsInt());
        assertEquals(1, calls.get());
    }
}
