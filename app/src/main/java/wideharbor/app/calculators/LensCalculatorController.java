package wideharbor.app.calculators;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import wideharbor.app.ways.HouseFigures;
import wideharbor.core.analysis.CardSums;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.OpticalFacet.Camera.Window;
import wideharbor.core.front.LensSums;

/** Lens, gears and cards without a job. */
@RestController
@RequestMapping("/api/calculators/lens")
class LensCalculatorController {
    private final HouseFigures figures;

    LensCalculatorController(HouseFigures figures) {
        this.figures = figures;
    }

    /** {@code allowedStops}: what the house lets a corner lose. */
    record CornersAnswer(
            double acrossDegrees,
            double uprightDegrees,
            double diagonalMm,
            double roomMm,
            double stops,
            boolean cut,
            double allowedStops) {}

    @GetMapping("/corners")
    CornersAnswer corners(
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
        LensSums.Corners c = LensSums.corners(
                focalMm,
                tStop,
                squeeze,
                new Window(widthMm, heightMm),
                pupilMm,
                new LensSums.Before(aheadMm, openWidthMm, openHeightMm, round));
        return new CornersAnswer(
                c.acrossDegrees(),
                c.uprightDegrees(),
                c.diagonalMm(),
                c.shade().roomMm(),
                c.stops(),
                c.shade().cut(),
                figures.rules("").value(Rule.CORNER_SHADE));
    }

    record GearsAnswer(
            double apartMm, double rodMm, double nearestMm, double farthestMm, List<Double> swings, double turns) {}

    @GetMapping("/gears")
    GearsAnswer gears(
            @RequestParam double ringMm,
            @RequestParam double moduleMm,
            @RequestParam int teeth,
            @RequestParam double armMm,
            @RequestParam double asideMm,
            @RequestParam double underMm) {
        LensSums.Gears g = LensSums.gears(ringMm, moduleMm, teeth, armMm, asideMm, underMm);
        return new GearsAnswer(g.apartMm(), g.rodMm(), g.nearestMm(), g.farthestMm(), g.swings(), g.turns());
    }

    record CardsAnswer(
            double minutesEach,
            int cards,
            double leastWriteMegabytes,
            double gigabytes,
            double offloadMinutesEach,
            double offloadHours) {}

    @GetMapping("/cards")
    CardsAnswer cards(
            @RequestParam double gigabytes,
            @RequestParam double megabits,
            @RequestParam double minutes,
            @RequestParam double copyMegabytes,
            @RequestParam(defaultValue = "true") boolean verified) {
        CardSums.Day d = CardSums.day(gigabytes, megabits, minutes, copyMegabytes, verified, figures.rules(""));
        return new CardsAnswer(
                d.minutesEach(),
                d.cards(),
                d.leastWriteMegabytes(),
                d.gigabytes(),
                d.offloadMinutesEach(),
                d.offloadHours());
    }
}
