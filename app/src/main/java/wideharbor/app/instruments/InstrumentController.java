package wideharbor.app.instruments;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.security.Principal;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import org.springframework.http.HttpStatus;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.web.Refusal;
import wideharbor.core.benchtest.Instrument;
import wideharbor.core.benchtest.ReadingLine;
import wideharbor.core.quantity.Words;
import wideharbor.standins.Fault;
import wideharbor.standins.StandIn;

/** The instruments of the bench, and what they say. */
@RestController
@RequestMapping("/api/instruments")
class InstrumentController {
    private final Instruments instruments;
    private final Reader reader;
    private final Readings readings;

    InstrumentController(Instruments instruments, Reader reader, Readings readings) {
        this.instruments = instruments;
        this.reader = reader;
        this.readings = readings;
    }

    /** What a stand-in is told to be; in the unit that it tells in. */
    record Pretence(double truth, double noise, String unit, Fault fault) {}

    /** {@code pretends} is there for a stand-in only. */
    record InstrumentLine(String id, String title, Instrument kind, Optional<Pretence> pretends) {}

    @GetMapping
    @PreAuthorize("hasAnyRole('TECHNICIAN','DESK','LEAD','ADMINISTRATOR')")
    List<InstrumentLine> all() {
        return instruments.all().stream().map(this::line).toList();
    }

    private InstrumentLine line(Connected one) {
        return new InstrumentLine(
                one.id(),
                one.title(),
                one.kind(),
                instruments.standIn(one.id()).map(s -> new Pretence(s.truth(), s.noise(), s.unit(), s.fault())));
    }

    /** The unit that the figure is wanted in. */
    record Wanted(
            @NotNull @Pattern(regexp = "g|mm|W|Wh|s|h|N·m|MB/s|frames")
            String unit) {}

    /** Asks an instrument; no request waits on a thread for it. What it says is kept. */
    @PostMapping("/{id}/read")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    CompletableFuture<Readings.InstrumentReading> read(
            @PathVariable String id, @Valid @RequestBody Wanted wanted, Principal who) {
        Connected instrument = instruments.require(id);
        String name = who.getName();
        return reader.ask(instrument).thenApply(line -> {
            try {
                ReadingLine read = ReadingLine.of(line, instrument.title(), wanted.unit());
                return readings.keep(instrument, read, wanted.unit(), name);
            } catch (IllegalArgumentException e) {
                throw new Refusal(HttpStatus.CONFLICT, Words.reason(e) + ".");
            }
        });
    }

    record Pretend(
            @DecimalMin("-1000000") @DecimalMax("1000000") double truth,
            @DecimalMin("0") @DecimalMax("1000000") double noise,
            @NotNull Fault fault) {}

    /** Tells a stand-in what to measure and what is wrong with it. */
    @PutMapping("/{id}/pretence")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    InstrumentLine pretend(@PathVariable String id, @Valid @RequestBody Pretend pretend) {
        Connected instrument = instruments.require(id);
        StandIn standIn = instruments
                .standIn(id)
                .orElseThrow(() -> Refusal.conflict(instrument.title() + " is real: it measures what there is."));
        standIn.pretend(pretend.truth(), pretend.noise(), pretend.fault());
        return line(instrument);
    }
}
