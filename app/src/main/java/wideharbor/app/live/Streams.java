package wideharbor.app.live;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** The streams that hang on this node, and the reading of what to send down them. */
@Component
class Streams {
    private static final Logger LOG = LoggerFactory.getLogger(Streams.class);

    /** A stream ends after so long and is asked for again: whoever may no longer see it does not for longer. */
    private static final Duration LONGEST = Duration.ofMinutes(5);

    /** A change is on the screens of the others within this, their own question and a moment. */
    private static final long LOOK_MS = 400;

    /** Every so many looks: who is here. */
    private static final int LOOKS_TO_PRESENCE = 5;

    /** Every so many looks: this node's tabs are still there. */
    private static final int LOOKS_TO_SEEN = 25;

    /** Every so many looks: what is old is forgotten. */
    private static final int LOOKS_TO_FORGET = 750;

    /** Some senders wait for a slow line; the reading waits for none of them. */
    private static final int SENDERS = 4;

    private final Watch watch;
    private final Map<Long, Stream> open = new ConcurrentHashMap<>();
    private final AtomicLong numbers = new AtomicLong();
    private final ExecutorService senders =
            Executors.newFixedThreadPool(SENDERS, work -> new Thread(work, "live-sender"));
    private final AtomicBoolean over = new AtomicBoolean();
    private long looks;

    Streams(Watch watch) {
        this.watch = watch;
    }

    private final class Stream {
        private final long number = numbers.incrementAndGet();
        private final String tab;
        private final String who;
        private final String job;
        private final SseEmitter emitter = new SseEmitter(LONGEST.toMillis());

        /** Only the reader touches it. */
        private List<Watch.Here> told = List.of();

        Stream(String tab, String who, String job) {
            this.tab = tab;
            this.who = who;
            this.job = job;
        }

        void send(String name, Object data) {
            senders.execute(() -> {
                try {
                    emitter.send(SseEmitter.event().name(name).data(data));
                } catch (Exception e) {
                    // The browser went away; the container tells the emitter, which takes it off the list.
                    LOG.debug("A stream ended: {}", e.getMessage());
                    open.remove(number);
                }
            });
        }
    }

    SseEmitter open(String tab, String who, String job, String build) {
        Stream stream = new Stream(tab, who, job);
        Runnable gone = () -> close(stream);
        stream.emitter.onCompletion(gone);
        stream.emitter.onTimeout(stream.emitter::complete);
        stream.emitter.onError(e -> gone.run());
        watch.come(tab, who, job, build);
        open.put(stream.number, stream);
        stream.send("open", "");
        return stream.emitter;
    }

    private void close(Stream stream) {
        if (open.remove(stream.number) == null || over.get()) {
            return;
        }
        boolean elsewhere = open.values().stream().anyMatch(s -> s.tab.equals(stream.tab));
        if (!elsewhere) {
            quietly(() -> watch.go(stream.tab));
        }
    }

    @EventListener(ContextClosedEvent.class)
    void end() {
        over.set(true);
        open.values().forEach(s -> s.emitter.complete());
        senders.shutdownNow();
    }

    private static void quietly(Runnable work) {
        try {
            work.run();
        } catch (RuntimeException e) {
            // The database is away: what happened meanwhile is read when it is back.
            LOG.debug("Nothing could be read: {}", e.getMessage());
        }
    }

    @Scheduled(fixedDelay = LOOK_MS)
    void look() {
        if (!over.get()) {
            quietly(this::read);
        }
    }

    private void read() {
        looks++;
        if (looks % LOOKS_TO_FORGET == 0) {
            watch.forget();
        }
        // Also while nobody listens: who comes in is told of what happens from that moment on.
        tell(watch.fresh());
        if (open.isEmpty()) {
            return;
        }
        if (looks % LOOKS_TO_SEEN == 0) {
            // Whoever went away without a word is noticed by writing to them.
            open.values().forEach(s -> s.send("still", ""));
            watch.seen(open.values().stream().map(s -> s.tab).distinct().toList());
        }
        if (looks % LOOKS_TO_PRESENCE == 0) {
            tellWhoIsHere();
        }
    }

    private void tell(List<Watch.Event> fresh) {
        if (fresh.isEmpty()) {
            return;
        }
        Map<String, List<Watch.Event>> byJob = fresh.stream()
                .collect(Collectors.groupingBy(Watch.Event::job, LinkedHashMap::new, Collectors.toList()));
        for (Stream stream : open.values()) {
            if (byJob.containsKey(Watch.RULES)) {
                stream.send("rules", byJob.get(Watch.RULES));
            }
            if (stream.job.isEmpty()) {
                stream.send("jobs", List.of());
            } else if (byJob.containsKey(stream.job)) {
                stream.send("job", byJob.get(stream.job));
            }
        }
    }

    private void tellWhoIsHere() {
        List<String> jobs = open.values().stream()
                .map(s -> s.job)
                .filter(j -> !j.isEmpty())
                .distinct()
                .toList();
        Map<String, List<Watch.Here>> here = jobs.isEmpty() ? Map.of() : watch.here(jobs);
        for (Stream stream : open.values()) {
            List<Watch.Here> others = new ArrayList<>(here.getOrDefault(stream.job, List.of()));
            others.removeIf(h -> h.id().equals(stream.who));
            if (!others.equals(stream.told)) {
                stream.told = others;
                stream.send("here", others.stream().map(Watch.Here::told).toList());
            }
        }
    }
}
