package wideharbor.core.memo;

import java.lang.ref.WeakReference;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/**
 * Answers by key, each kept for as long as somebody else uses it. No lock is held while one is worked out: two who ask
 * at the same moment may get one each.
 *
 * @param <K> what is asked about
 * @param <V> the answer; equal for equal keys
 */
public final class WeakMemo<K, V> {
    private final Map<K, WeakReference<V>> known = new ConcurrentHashMap<>();

    public V get(K key, Function<? super K, ? extends V> work) {
        return Optional.ofNullable(known.get(key))
                .flatMap(kept -> Optional.ofNullable(kept.get()))
                .orElseGet(() -> keep(key, work.apply(key)));
    }

    private V keep(K key, V made) {
        known.values().removeIf(kept -> kept.get() == null);
        known.put(key, new WeakReference<>(made));
        return made;
    }

    /** How many are kept, those among them that nobody uses any more. */
    int size() {
        return known.size();
    }
}
