package wideharbor.core.memo;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * One value, worked out when it is first asked for. No lock is held meanwhile: two who ask at the same moment both work
 * it out and get the value that was first there.
 *
 * @param <T> of an immutable type
 */
public final class Lazy<T> {
    private final AtomicReference<@Nullable T> value = new AtomicReference<>();

    public T get(Supplier<? extends T> work) {
        T there = value.get();
        if (there != null) {
            return there;
        }
        T mine = work.get();
        return value.compareAndSet(null, mine) ? mine : known().orElse(mine);
    }

    /** What is known so far. */
    public Optional<T> known() {
        return Optional.ofNullable(value.get());
    }
}
