package wideharbor.core.memo;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.BiConsumer;
import java.util.function.Function;

/**
 * Answers by key, each worked out when it is first asked for. No lock is held meanwhile: two who ask at the same moment
 * both work it out and get the answer that was first there.
 *
 * @param <K> what is asked about
 * @param <V> the answer; equal for equal keys
 */
public final class Memo<K, V> {
    private final Map<K, V> known = new ConcurrentHashMap<>();

    public V get(K key, Function<? super K, ? extends V> work) {
        V there = known.get(key);
        if (there != null) {
            return there;
        }
        V mine = work.apply(key);
        V first = known.putIfAbsent(key, mine);
        return first == null ? mine : first;
    }

    /** The answer, if it is there. */
    public Optional<V> known(K key) {
        return Optional.ofNullable(known.get(key));
    }

    /** Every answer that is there. */
    public void forEach(BiConsumer<? super K, ? super V> told) {
        known.forEach(told);
    }
}
