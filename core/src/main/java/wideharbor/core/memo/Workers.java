package wideharbor.core.memo;

import java.util.List;
import java.util.function.Function;

/**
 * Who does independent pieces of work: the caller alone, or helpers beside it. The caller decides with whose threads.
 */
public interface Workers {
    /** One after the other, on the thread that asks. */
    Workers ALONE = new Workers() {
        @Override
        public <A, B> List<B> map(List<A> items, Function<? super A, ? extends B> work) {
            return items.stream().<B>map(work).toList();
        }
    };

    /**
     * The answers in the order of the items, when all are there. A piece of work may itself call this; it must not wait
     * for anything else.
     */
    <A, B> List<B> map(List<A> items, Function<? super A, ? extends B> work);
}
