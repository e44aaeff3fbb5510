package wideharbor.app.house;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.OptionalDouble;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.JobForesight;
import wideharbor.app.security.Audited;
import wideharbor.core.brief.HouseRules.Rule;

/** The house's numbers: what stands, what another would change, and how they came to be. */
@RestController
@RequestMapping("/api/house/rules")
class RulesController {
    private final RulesService service;

    RulesController(RulesService service) {
        this.service = service;
    }

    /** Without a value: back to the standard figure. */
    record Trial(OptionalDouble value) {}

    /** {@code seen} is the number of the entry that stood when it was asked; 0 where the rule was never set. */
    record NewFigure(
            OptionalDouble value,
            @NotBlank @Size(max = 200) String reason,
            @NotBlank @Size(max = 200) String source,
            long seen) {}

    @GetMapping
    List<RulesService.RuleLine> rules() {
        return service.rules();
    }

    @GetMapping("/{rule}/history")
    List<RulesService.Setting> history(@PathVariable Rule rule) {
        return service.history(rule);
    }

    @PostMapping("/{rule}/trial")
    @PreAuthorize("hasRole('LEAD')")
    JobForesight.Foreseen trial(@PathVariable Rule rule, @Valid @RequestBody Trial trial) {
        return service.foresee(rule, trial.value());
    }

    @PutMapping("/{rule}")
    @Audited("set a rule of the house")
    @PreAuthorize("hasRole('LEAD')")
    RulesService.Ruled set(@PathVariable Rule rule, @Valid @RequestBody NewFigure figure, Principal who) {
        return service.set(rule, figure, who.getName());
    }
}
