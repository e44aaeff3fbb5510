package wideharbor.app.benchtest;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.Standpoint;
import wideharbor.app.security.Audited;

/** What is tried on a body before it leaves. */
@RestController
public class BenchTestController {
    private final BenchTestService service;

    BenchTestController(BenchTestService service) {
        this.service = service;
    }

    @GetMapping("/api/jobs/{job}/builds/{build}/tests")
    BenchTestViews.TestSheet tests(Standpoint at) {
        return service.sheet(at);
    }

    /** What somebody says of a test. */
    public enum Said {
        HOLDS,
        DOES_NOT,
        MEASURED
    }

    /**
     * A result.
     *
     * @param id made where the result is made: one that is sent twice counts once
     * @param print of the test as it was seen
     * @param value in the test's unit; 0 where nothing is measured
     * @param plusMinus how far the instrument may be off
     * @param reading id of an instrument's reading that this is; empty where the figure is typed in
     */
    public record Found(
            @NotNull @Pattern(regexp = "[0-9a-fA-F-]{36}") String id,
            @NotNull @Size(min = 1, max = 190) String test,
            @NotNull @Size(max = 16) String print,
            @NotNull Said said,

            @DecimalMin("-1000000000") @DecimalMax("1000000000")
            double value,

            @DecimalMin("0") @DecimalMax("1000000") double plusMinus,
            @NotNull @Size(max = 36) String reading,
            @NotNull @Size(max = 300) String remark) {}

    /** Several at once: those made without a network come together. */
    record AllFound(@NotNull @Size(min = 1, max = 200) List<@Valid @NotNull Found> results) {}

    @PostMapping("/api/jobs/{job}/builds/{build}/tests")
    @PreAuthorize("hasAnyRole('TECHNICIAN','LEAD')")
    BenchTestViews.TestSheet found(Standpoint at, @Valid @RequestBody AllFound found, Principal who) {
        service.found(at, found.results(), who.getName());
        return service.sheet(at);
    }

    /** A test that is not made, and why. */
    record LeftOut(
            @NotNull @Pattern(regexp = "[0-9a-fA-F-]{36}") String id,
            @NotNull @Size(min = 1, max = 190) String test,
            @NotBlank @Size(max = 300) String reason) {}

    @PostMapping("/api/jobs/{job}/builds/{build}/tests/left-out")
    @Audited("left a test out")
    @PreAuthorize("hasRole('LEAD')")
    BenchTestViews.TestSheet leaveOut(Standpoint at, @Valid @RequestBody LeftOut test, Principal who) {
        service.leaveOut(at, test, who.getName());
        return service.sheet(at);
    }
}
