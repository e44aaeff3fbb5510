package wideharbor.app.book;

import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import wideharbor.app.web.Download;
import wideharbor.core.book.Role;
import wideharbor.core.book.SheetKind;

/** The prep book, sheet by sheet, and a card for each who works with the package. */
@RestController
@RequestMapping("/api/jobs/{job}")
class BookController {
    private final BookService service;

    BookController(BookService service) {
        this.service = service;
    }

    /** {@code there}: whether there is anything to tell. */
    record SheetLine(SheetKind sheet, String title, boolean there) {}

    record CardLine(Role role, String title, boolean there) {}

    record Papers(List<SheetLine> sheets, List<CardLine> cards) {}

    @GetMapping("/papers")
    Papers papers(@PathVariable String job) {
        return service.papers(job);
    }

    /** Some sheets, or all where none is named. */
    @GetMapping(value = "/book.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> book(
            @PathVariable String job,
            @RequestParam(defaultValue = "") List<SheetKind> sheets,
            @RequestParam(defaultValue = "A4") PaperSize paper) {
        Set<SheetKind> wanted = sheets.isEmpty() ? Set.of() : EnumSet.copyOf(sheets);
        return Download.pdf(job + "-book.pdf", service.book(job, wanted, paper));
    }

    /** One page in large type; its code opens the screen that it is from. */
    @GetMapping(value = "/cards/{role}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> card(
            @PathVariable String job, @PathVariable Role role, @RequestParam(defaultValue = "A4") PaperSize paper) {
        String at = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/jobs/{job}/{screen}")
                .build(job, screen(role))
                .toString();
        return Download.pdf(
                job + "-" + role.name().toLowerCase(Locale.ROOT) + ".pdf", service.card(job, role, paper, at));
    }

    private static String screen(Role role) {
        return switch (role) {
            case OPERATOR -> "bench";
            case FOCUS, SECOND -> "lenses";
            case DATA -> "media";
            case SOUND, PICTURE, DIRECTOR -> "signal";
            case PRODUCTION -> "dispatch";
        };
    }
}
