package wideharbor.app.bench;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.job.JobStore;
import wideharbor.app.web.Refusal;
import wideharbor.core.bench.PowerSheet;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.check.CheckContext;

/** Power: the feed tree of a rig and its day, as it is and with something tried. */
@RestController
@RequestMapping("/api/jobs/{job}/builds/{build}/power")
class PowerController {
    private final JobStore store;

    PowerController(JobStore store) {
        this.store = store;
    }

    /** {@code battery} is an item, id@revision, tried in place of all batteries; empty tries none. */
    @GetMapping
    @Transactional(readOnly = true)
    PowerViews.Power power(
            Spot spot,
            @RequestParam(defaultValue = "") @Size(max = 80) String battery,
            @RequestParam(defaultValue = "0") @Min(0) @Max(40) int moreBatteries,
            @RequestParam(defaultValue = "0") @Min(0) @Max(40) int moreBays) {
        CheckContext context = BenchService.context(store.load(spot.job()), spot);
        PowerSheet sheet =
                PowerSheet.of(context, new PowerSheet.Change(battery(context, battery), moreBatteries, moreBays));
        return new PowerViews.Power(
                context.rig().configuration().id(),
                context.rig().lens(),
                sheet.tree().stream().map(PowerViews.FeedRow::of).toList(),
                sheet.day(),
                !context.job().brief().asks().shoot().day().isEmpty(),
                sheet.plates().stream().map(PowerViews.PlateView::of).toList());
    }

    private static Optional<ItemType> battery(CheckContext context, String item) {
        if (item.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(context.catalogue().current().stream()
                .filter(t -> t.ref().toString().equals(item) && t.facet(Facet.Battery.class).isPresent())
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("The catalogue has no battery " + item + ".")));
    }
}
