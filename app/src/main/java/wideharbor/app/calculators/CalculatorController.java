package wideharbor.app.calculators;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.geometry.DockingGaps;
import wideharbor.core.geometry.ShimPlanner;
import wideharbor.core.quantity.Require;

/** Quick answers without a job; every sum is the core's. */
@RestController
@RequestMapping("/api/calculators")
class CalculatorController {
    private final CalculatorService service;

    CalculatorController(CalculatorService service) {
        this.service = service;
    }

    record ShimQuestion(
            double targetMm,
            double toleranceMm,
            @NotNull @Size(max = 20) List<@Valid AtHand> atHand) {}

    /** A thickness and how many of it. */
    record AtHand(double thicknessMm, int count) {}

    record ShimAnswer(boolean found, List<Double> stack, double sumMm, double errorMm) {}

    @PostMapping("/shims")
    ShimAnswer shims(@Valid @RequestBody ShimQuestion q) {
        Require.within("Height", q.targetMm(), 0.01, 200, "mm");
        Require.within("Tolerance", q.toleranceMm(), 0.001, 5, "mm");
        for (AtHand s : q.atHand()) {
            Require.within("Shim thickness", s.thicknessMm(), 0.01, 100, "mm");
            Require.within("Shims of one thickness", s.count(), 0, 50, "pieces");
        }
        List<ShimPlanner.Shim> shims = q.atHand().stream()
                .map(s -> new ShimPlanner.Shim(Double.toString(s.thicknessMm()), s.thicknessMm(), s.count()))
                .toList();
        return ShimPlanner.plan(q.targetMm(), shims, q.toleranceMm())
                .map(p -> new ShimAnswer(
                        true, p.ids().stream().map(Double::parseDouble).toList(), p.sumMm(), p.errorMm()))
                .orElseGet(() -> new ShimAnswer(false, List.of(), 0, 0));
    }

    record DockingQuestion(@NotNull DockingGaps.Reading reading) {}

    /** A plan, and the house's band that it was read with. */
    record DockingAnswer(DockingGaps.Plan plan, double bandMm) {}

    @PostMapping("/docking")
    DockingAnswer docking(@Valid @RequestBody DockingQuestion q) {
        double band = HouseRules.DEFAULTS.value(HouseRules.Rule.DOCK_BAND);
        return new DockingAnswer(DockingGaps.read(q.reading(), band), band);
    }

    record RodQuestion(
            double baseToAxisMm,
            @NotNull @Size(max = 12) List<Double> platesMm,
            @NotEmpty @Size(max = 12) List<Double> bracketDropsMm,
            @NotBlank String standard) {}

    /** Axis over the rods for a stack of plates, against a rod standard of the house; one answer a row of holes. */
    @PostMapping("/rods")
    List<CalculatorService.RodAnswer> rods(@Valid @RequestBody RodQuestion q) {
        return service.rods(q.baseToAxisMm(), q.platesMm(), q.bracketDropsMm(), q.standard());
    }

    /** A key's size in mm, and the keys of the other system that are taken for it. */
    @GetMapping("/keys")
    List<CalculatorService.KeyLine> keys(@RequestParam(defaultValue = "hex") @Size(max = 20) String kind) {
        return service.keys(kind);
    }
}
