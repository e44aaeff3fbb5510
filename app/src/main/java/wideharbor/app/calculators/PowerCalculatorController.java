package wideharbor.app.calculators;

import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.ways.HouseFigures;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.power.CabinRule;
import wideharbor.core.power.PowerSums;

/** Power without a job: how long, how much on one output, which cable, what may fly. */
@RestController
@RequestMapping("/api/calculators/power")
class PowerCalculatorController {
    private final HouseFigures figures;

    PowerCalculatorController(HouseFigures figures) {
        this.figures = figures;
    }

    @GetMapping("/lasting")
    PowerSums.Lasting lasting(
            @RequestParam double wattHours,
            @RequestParam(defaultValue = "1") double health,
            @RequestParam double celsius,
            @RequestParam double watts,
            @RequestParam double hours,
            @RequestParam(defaultValue = "0") double claimedHours) {
        return PowerSums.lasting(
                wattHours,
                health,
                celsius,
                figures.rules("").value(HouseRules.Rule.USABLE_CHARGE),
                watts,
                hours,
                claimedHours);
    }

    record OutputAnswer(double watts, double amps, boolean met) {}

    @GetMapping("/output")
    OutputAnswer output(
            @RequestParam @Size(max = 20) List<Double> watts,
            @RequestParam double endVolts,
            @RequestParam double limitWatts,
            @RequestParam double limitAmps) {
        PowerSums.OutputLoad load = PowerSums.output(watts, endVolts, limitWatts, limitAmps);
        return new OutputAnswer(load.watts(), load.amps(), load.isMet());
    }

    @GetMapping("/cable")
    List<PowerSums.Wire> cable(
            @RequestParam double watts,
            @RequestParam double endVolts,
            @RequestParam double leastVolts,
            @RequestParam double lengthMm) {
        return PowerSums.cable(watts, endVolts, leastVolts, lengthMm);
    }

    record CabinAnswer(CabinRule rule, String words, int people) {}

    @GetMapping("/cabin")
    CabinAnswer cabin(@RequestParam double wattHours, @RequestParam(defaultValue = "0") int spares) {
        HouseRules rules = figures.rules("");
        CabinRule rule = CabinRule.of(wattHours, rules);
        return new CabinAnswer(rule, rule.inWords(rules), rule.peopleFor(Math.max(0, spares), rules));
    }
}
