package wideharbor.app.calculators;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.ways.HouseFigures;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.front.LensSums;
import wideharbor.core.media.CardSums;

/** Lens, gears and cards without a job. */
@RestController
@RequestMapping("/api/calculators/lens")
class LensCalculatorController {
    private final HouseFigures figures;

    LensCalculatorController(HouseFigures figures) {
        this.figures = figures;
    }

    @GetMapping("/corners")
    LensSums.Corners corners(
            @RequestParam double focalMm,
            @RequestParam double tStop,
            @RequestParam(defaultValue = "1") double squeeze,
            @RequestParam double widthMm,
            @RequestParam double heightMm,
            @RequestParam double pupilMm,
            @RequestParam double aheadMm,
            @RequestParam double openWidthMm,
            @RequestParam double openHeightMm,
            @RequestParam(defaultValue = "false") boolean round) {
        return LensSums.corners(
                focalMm,
                tStop,
                squeeze,
                new Window(widthMm, heightMm),
                pupilMm,
                new LensSums.Before(aheadMm, openWidthMm, openHeightMm, round),
                figures.rules("").value(Rule.CORNER_SHADE));
    }

    @GetMapping("/flange")
    LensSums.Flange flange(
            @RequestParam double bodyMm,
            @RequestParam(defaultValue = "0") double adaptersMm,
            @RequestParam double lensMm,
            @RequestParam double focalMm) {
        return LensSums.flange(
                bodyMm, adaptersMm, lensMm, focalMm, figures.rules("").value(Rule.FLANGE));
    }

    @GetMapping("/gears")
    LensSums.Gears gears(
            @RequestParam double ringMm,
            @RequestParam double moduleMm,
            @RequestParam int teeth,
            @RequestParam double armMm,
            @RequestParam double asideMm,
            @RequestParam double underMm) {
        return LensSums.gears(ringMm, moduleMm, teeth, armMm, asideMm, underMm);
    }

    @GetMapping("/cards")
    CardSums.CardDay cards(
            @RequestParam double gigabytes,
            @RequestParam double megabits,
            @RequestParam double minutes,
            @RequestParam double copyMegabytes,
            @RequestParam(defaultValue = "true") boolean verified) {
        return CardSums.day(gigabytes, megabits, minutes, copyMegabytes, verified, figures.rules(""));
    }
}
