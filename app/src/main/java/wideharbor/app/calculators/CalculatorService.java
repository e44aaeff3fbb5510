package wideharbor.app.calculators;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.geometry.RodHeight;
import wideharbor.core.standard.Standard;
import wideharbor.core.tool.KeySize;

/** The quick answers that need the house's catalogue. */
@Service
class CalculatorService {
    private final CatalogueStore store;

    CalculatorService(CatalogueStore store) {
        this.store = store;
    }

    record RodAnswer(double hasMm, double needsMm, double toleranceMm, double missingMm, boolean met, String words) {}

    /** One answer for each row of holes that the rods may sit in. */
    List<RodAnswer> rods(double baseToAxisMm, List<Double> platesMm, List<Double> bracketDropsMm, String standardId) {
        return bracketDropsMm.stream()
                .map(drop -> rods(baseToAxisMm, platesMm, drop, standardId))
                .toList();
    }

    private RodAnswer rods(double baseToAxisMm, List<Double> platesMm, double bracketDropMm, String standardId) {
        Standard standard = store.catalogue().standards().require(standardId);
        if (!(standard.facts() instanceof Standard.Facts.Rods need)) {
            throw new IllegalArgumentException(standard.title() + " sets no height; choose a pair of rods that does.");
        }
        double tolerance = need.toleranceIn(HouseRules.DEFAULTS.value(HouseRules.Rule.ROD_HEIGHT_TOLERANCE));
        RodHeight.Answer a = RodHeight.of(baseToAxisMm, platesMm, bracketDropMm, need.axisHeightMm(), tolerance);
        return new RodAnswer(a.hasMm(), need.axisHeightMm(), tolerance, a.missingMm(), a.isMet(), a.words());
    }

    record KeyLine(String key, Optional<Double> mm, List<String> near) {}

    List<KeyLine> keys(String kind) {
        List<String> all = store.catalogue().current().stream()
                .flatMap(t -> t.facets(RiggingFacet.Tool.class).stream())
                .flatMap(t -> t.keys().stream())
                .filter(k -> k.startsWith(kind))
                .distinct()
                .sorted(Comparator.comparingDouble(
                        k -> KeySize.parse(k).millimetres().orElse(0.0)))
                .toList();
        return all.stream()
                .map(k -> new KeyLine(
                        k,
                        KeySize.parse(k).millimetres(),
                        all.stream()
                                .filter(o -> !o.equals(k) && KeySize.parse(o).isNear(KeySize.parse(k)))
                                .toList()))
                .toList();
    }
}
