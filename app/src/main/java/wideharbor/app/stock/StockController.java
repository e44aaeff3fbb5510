package wideharbor.app.stock;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;
import wideharbor.app.web.Download;
import wideharbor.app.web.Paper;
import wideharbor.core.stock.Piece;
import wideharbor.format.CatalogueCsv;

/** The pieces that the house has. */
@RestController
@RequestMapping("/api/stock")
@PreAuthorize("hasAnyRole('TECHNICIAN','DESK','LEAD','ADMINISTRATOR')")
class StockController {
    private final StockService service;
    private final Paper paper;

    StockController(StockService service, Paper paper) {
        this.service = service;
        this.paper = paper;
    }

    /** {@code out}: the job with which it is away, and that job's id; both empty while it is in the house. */
    record PieceLine(
            String code,
            String type,
            String name,
            String serial,
            Piece.Owner owner,
            String from,
            Piece.Condition condition,
            String home,
            Optional<Double> grams,
            String note,
            String outWith,
            String outJob,
            long version) {}

    record PiecePage(List<PieceLine> pieces, long total, int page, int size) {}

    @GetMapping("/pieces")
    PiecePage pieces(
            @RequestParam(defaultValue = "") @Size(max = 60) String text,
            @RequestParam Optional<Piece.Condition> condition,
            @RequestParam(defaultValue = "0") @Min(0) @Max(10_000) int page) {
        return service.search(text.strip(), condition, page);
    }

    /** Pieces of a type that may go and are with no job. */
    @GetMapping("/types/{type}/ready")
    List<PieceLine> ready(@PathVariable @Size(max = 60) String type) {
        return service.ready(type);
    }

    /** Where a piece has been, the last first. */
    record PieceEvent(
            String job, String title, String what, String who, Instant at, String remark, Optional<Double> cost) {}

    record PieceCard(PieceLine piece, List<PieceEvent> been) {}

    @GetMapping("/pieces/{code}")
    PieceCard piece(@PathVariable String code) {
        return service.card(code);
    }

    /** {@code seen}: the version that was seen; 0 for a piece that is new. {@code grams} 0: not weighed. */
    record PieceEdit(
            long seen,
            @NotBlank @Size(max = 60) String type,
            @NotNull @Size(max = 60) String serial,
            @NotNull Piece.Owner owner,
            @NotNull @Size(max = 60) String from,
            @NotNull Piece.Condition condition,
            @NotNull @Size(max = 60) String home,
            @DecimalMin("0") @DecimalMax("500000") double grams,
            @NotNull @Size(max = 300) String note) {}

    @PutMapping("/pieces/{code}")
    @Audited("changed a piece")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    PieceCard change(@PathVariable String code, @Valid @RequestBody PieceEdit edit, Principal who) {
        return service.change(code, edit, who.getName());
    }

    @GetMapping("/pieces.csv")
    ResponseEntity<String> csv() {
        return Download.of("pieces.csv", Download.CSV, service.csv());
    }

    /** A label with a code for each piece of a page of what is searched for. */
    @GetMapping(value = "/labels.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> labels(
            @RequestParam(defaultValue = "") @Size(max = 60) String text,
            @RequestParam Optional<Piece.Condition> condition,
            @RequestParam(defaultValue = "0") @Min(0) @Max(10_000) int page) {
        return Download.pdf(
                "piece-labels.pdf",
                PieceLabels.pdf(
                        paper, service.search(text.strip(), condition, page).pieces()));
    }

    /** What a file would do: nothing is stored. */
    record PiecesRead(int rows, int fresh, int changed, List<CatalogueCsv.RowProblem> problems, boolean stored) {}

    record PiecesText(@NotNull @Size(max = 1_000_000) String text) {}

    @PostMapping("/pieces/read")
    @PreAuthorize("hasRole('LEAD')")
    PiecesRead read(@Valid @RequestBody PiecesText text, Principal who) {
        return service.read(text.text(), false, who.getName());
    }

    /** Stores a file in which nothing is wrong; one in which something is stores nothing. */
    @PostMapping("/pieces/store")
    @Audited("took pieces from a file")
    @PreAuthorize("hasRole('LEAD')")
    PiecesRead store(@Valid @RequestBody PiecesText text, Principal who) {
        return service.read(text.text(), true, who.getName());
    }
}
