package wideharbor.app.power;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.Standpoint;

/** Power: the feed tree of a rig and its day, as it is and with something tried. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}/power")
class PowerController {
    private final PowerService service;

    PowerController(PowerService service) {
        this.service = service;
    }

    /** {@code battery} is an item, id@revision, tried in place of all batteries; empty tries none. */
    @GetMapping
    PowerViews.Power power(
            Standpoint at,
            @RequestParam(defaultValue = "") @Size(max = 80) String battery,
            @RequestParam(defaultValue = "0") @Min(0) @Max(40) int moreBatteries,
            @RequestParam(defaultValue = "0") @Min(0) @Max(40) int moreBays) {
        return service.power(at, battery, moreBatteries, moreBays);
    }
}
