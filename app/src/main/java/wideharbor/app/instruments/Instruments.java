package wideharbor.app.instruments;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import wideharbor.app.web.Refusal;
import wideharbor.core.benchtest.Instrument;
import wideharbor.standins.Bench;
import wideharbor.standins.StandIn;

/** The instruments that answer: the house's own, and in a demo the stand-ins. */
@Component
class Instruments {
    private final List<Connected> all;
    private final Map<String, StandIn> standIns;
    private final Optional<Bench> bench;

    Instruments(@Value("${harbor.instruments}") String written, @Value("${harbor.standins}") boolean withStandIns) {
        try {
            bench = withStandIns ? Optional.of(Bench.open(0)) : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Map<Bench.Kind, StandIn> pretending = bench.map(Bench::all).orElse(Map.of());
        standIns = pretending.values().stream()
                .collect(Collectors.toMap(s -> Connected.idOf(s.title()), Function.identity()));
        List<Connected> connected = new ArrayList<>(Connected.of(written));
        pretending.forEach((kind, one) -> connected.add(new Connected(
                Connected.idOf(one.title()), one.title(), Instrument.valueOf(kind.name()), "127.0.0.1", one.port())));
        all = List.copyOf(connected);
    }

    List<Connected> all() {
        return all;
    }

    Connected require(String id) {
        return all.stream()
                .filter(i -> i.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("There is no instrument '" + id + "' in this house."));
    }

    /** The stand-in behind an instrument; empty for a real one. */
    Optional<StandIn> standIn(String id) {
        return Optional.ofNullable(standIns.get(id));
    }

    @PreDestroy
    void close() throws IOException {
        if (bench.isPresent()) {
            bench.get().close();
        }
    }
}
