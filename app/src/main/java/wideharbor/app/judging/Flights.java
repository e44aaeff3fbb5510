package wideharbor.app.judging;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;
import wideharbor.app.web.Refusal;

/**
 * Answers by key, kept, each worked out once however many ask: the first on its own thread and outside of any lock, the
 * others wait for it, and no longer than {@link #LONGEST}.
 *
 * @param <K> what is asked about
 * @param <V> the answer
 */
public final class Flights<K, V> {
    /** Who waits longer is told to come back. */
    static final Duration LONGEST = Duration.ofSeconds(15);

    /** What nobody asks about for so long is worked out again. */
    private static final Duration UNASKED = Duration.ofMinutes(30);

    private final Cache<K, FutureTask<V>> kept;
    private final Duration longest;

    public Flights(int most) {
        this(most, LONGEST);
    }

    Flights(int most, Duration longest) {
        this(most, key -> 1, longest);
    }

    /** So much of them together as {@code most} says, each as heavy as its key tells. */
    public Flights(int most, ToIntFunction<? super K> weight) {
        this(most, weight, LONGEST);
    }

    private Flights(int most, ToIntFunction<? super K> weight, Duration longest) {
        this.kept = Caffeine.newBuilder()
                .maximumWeight(most)
                .weigher((K key, FutureTask<V> answer) -> weight.applyAsInt(key))
                .expireAfterAccess(UNASKED)
                .build();
        this.longest = longest;
    }

    /** @throws Refusal 503 when somebody else works it out and takes too long */
    public V get(K key, Supplier<? extends V> work) {
        FutureTask<V> mine = new FutureTask<>(work::get);
        FutureTask<V> first = kept.asMap().putIfAbsent(key, mine);
        if (first != null) {
            return landed(first);
        }
        mine.run();
        try {
            return landed(mine);
        } catch (RuntimeException | Error e) {
            // Nobody else is to be told of a failure that a later question may not meet.
            kept.asMap().remove(key, mine);
            throw e;
        }
    }

    public void put(K key, V value) {
        FutureTask<V> known = new FutureTask<>(() -> value);
        known.run();
        kept.put(key, known);
    }

    /** Forgets what is asked about no more. */
    public void forget(Predicate<? super K> which) {
        kept.asMap().keySet().removeIf(which);
    }

    /** The answer, if it is there. */
    public Optional<V> known(K key) {
        FutureTask<V> task = kept.getIfPresent(key);
        return task == null || !task.isDone() ? Optional.empty() : Optional.of(landed(task));
    }

    private V landed(FutureTask<V> task) {
        try {
            return task.get(longest.toMillis(), TimeUnit.MILLISECONDS);
        } catch (ExecutionException e) {
            if (e.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException("Internal error: judging failed", e.getCause());
        } catch (TimeoutException e) {
            throw Refusal.busy();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Refusal.busy();
        }
    }
}
