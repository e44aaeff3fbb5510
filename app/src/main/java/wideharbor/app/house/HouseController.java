package wideharbor.app.house;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.security.Audited;

@RestController
@RequestMapping("/api/house")
class HouseController {
    private final HouseService service;

    HouseController(HouseService service) {
        this.service = service;
    }

    /** {@code revision} is the one that was seen. */
    record Change(
            @Min(1) int revision,
            @NotBlank @Size(max = 80) String title,
            @NotNull @Size(max = 200) String note,
            double loadGrams,
            @NotNull @Size(max = 10) List<HouseService.Fact> facts) {}

    @GetMapping("/standards")
    List<HouseService.StandardLine> standards() {
        return service.standards();
    }

    /** {@code person} empty: the house. */
    @GetMapping("/ways")
    List<HouseService.WayLine> ways(@RequestParam(defaultValue = "") @Size(max = 80) String person) {
        return service.ways(person);
    }

    @GetMapping("/operators")
    List<String> operators() {
        return service.operators();
    }

    /** An empty option leaves the question to the house again. */
    record Answer(
            @NotNull @Size(max = 40) String option,
            @NotNull @Size(max = 80) String person) {}

    @PutMapping("/ways/{id}")
    @Audited("answered a way of working")
    @PreAuthorize("hasRole('LEAD')")
    HouseService.Answered answer(@PathVariable String id, @Valid @RequestBody Answer answer, Principal who) {
        return service.answer(answer.person(), id, answer.option(), who.getName());
    }

    @PutMapping("/standards/{id}")
    @Audited("changed a mounting standard")
    @PreAuthorize("hasRole('LEAD')")
    HouseService.Rechecked change(@PathVariable String id, @Valid @RequestBody Change change) {
        return service.change(id, change);
    }
}
