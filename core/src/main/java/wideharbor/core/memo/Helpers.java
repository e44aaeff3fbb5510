package wideharbor.core.memo;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.concurrent.atomic.AtomicReferenceArray;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A few threads of judging's own that help whoever asks. Who asks works on the pieces too and waits only for those that
 * a helper is at: so it gets on even when every helper is busy, and pieces may themselves ask for help.
 */
public final class Helpers implements Workers, AutoCloseable {
    private static final int WAITING = 64;

    private final ThreadPoolExecutor pool;

    public Helpers(int threads) {
        AtomicInteger number = new AtomicInteger();
        this.pool = new ThreadPoolExecutor(
                threads, threads, 30, TimeUnit.SECONDS, new ArrayBlockingQueue<>(WAITING), work -> {
                    Thread thread = new Thread(work, "judging-" + number.incrementAndGet());
                    thread.setDaemon(true);
                    return thread;
                });
        pool.allowCoreThreadTimeOut(true);
    }

    /** As many as there are cores. */
    public static Helpers onEveryCore() {
        return new Helpers(Math.max(1, Runtime.getRuntime().availableProcessors()));
    }

    @Override
    public <A, B> List<B> map(List<A> items, Function<? super A, ? extends B> work) {
        Batch<A, B> batch = new Batch<>(items, work);
        for (int i = 1; i < items.size() && i <= pool.getMaximumPoolSize(); i++) {
            try {
                pool.execute(batch);
            } catch (RejectedExecutionException full) {
                // All are busy and enough wait for them: who asks does it alone.
                break;
            }
        }
        batch.run();
        return batch.all();
    }

    @Override
    public void close() {
        pool.shutdownNow();
    }

    /** Pieces of work that several threads take one by one. */
    private static final class Batch<A, B> implements Runnable {
        private final List<A> items;
        private final Function<? super A, ? extends B> work;
        private final AtomicInteger next = new AtomicInteger();
        private final AtomicReferenceArray<@Nullable B> done;
        private final AtomicReference<@Nullable Throwable> failure = new AtomicReference<>();
        private final CountDownLatch open;

        Batch(List<A> items, Function<? super A, ? extends B> work) {
            this.items = items;
            this.work = work;
            this.done = new AtomicReferenceArray<>(items.size());
            this.open = new CountDownLatch(items.size());
        }

        @Override
        public void run() {
            for (int i = next.getAndIncrement(); i < items.size(); i = next.getAndIncrement()) {
                try {
                    // After a failure the rest is only counted off.
                    if (failure.get() == null) {
                        done.set(i, work.apply(items.get(i)));
                    }
                } catch (RuntimeException | Error e) {
                    failure.compareAndSet(null, e);
                } finally {
                    open.countDown();
                }
            }
        }

        List<B> all() {
            try {
                open.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException("Internal error: interrupted while judging", e);
            }
            Throwable failed = failure.get();
            if (failed instanceof Error e) {
                throw e;
            }
            if (failed instanceof RuntimeException e) {
                throw e;
            }
            List<B> all = new ArrayList<>(items.size());
            for (int i = 0; i < items.size(); i++) {
                B value = done.get(i);
                if (value != null) {
                    all.add(value);
                }
            }
            return all;
        }
    }
}
