package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.balance.SlideBalance;
import wideharbor.core.balance.SlideForSet;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.LensChoice;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.edit.Parts;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Span;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * One configuration's balance with every lens, and what each slide and each other battery would make of it: slides that
 * can serve every lens first, then those that move the most.
 *
 * <p>The centre of mass follows a slide in a straight line, so two looks at the rig say how far it goes for a
 * millimetre; a screen may draw what lies between, and the full answer replaces the drawing once the slide is set.
 */
public record BalanceSheet(List<WithLens> lenses, List<Slide> slides, List<OtherBattery> swaps) {
    /** Of a rig without a support that says where it carries. */
    public static final BalanceSheet NONE = new BalanceSheet(List.of(), List.of(), List.of());

    private static final double STEP = 10;
    private static final int MOST_SLIDES = 8;
    private static final int MOST_SWAPS = 12;

    /**
     * How far ahead of the support the centre of mass stands, mm, with its range.
     *
     * @param toleranceMm what the support forgives
     * @param surelyMm how far off it may be told to stand, to be forgiven whatever the masses are within their ranges
     */
    public record WithLens(
            LensId lens,
            String title,
            double offMm,
            Span range,
            double toleranceMm,
            double surelyMm,
            double carriedGrams) {}

    /**
     * A slide along the axis.
     *
     * @param perMm for each lens, by how much the centre of mass goes ahead when the setting grows by a millimetre
     * @param serves the settings at which every lens is within tolerance; empty when none serves all
     */
    public record Slide(
            SettingKey key,
            String part,
            String title,
            double value,
            Span range,
            List<Double> perMm,
            Optional<Span> serves) {}

    /** Another battery in a battery's place: for each lens, where the centre of mass would stand. */
    public record OtherBattery(
            PlacementId placement, String part, ItemType other, double addsGrams, List<Double> offMm) {}

    /** Empty without a support that says where it carries. */
    public static Optional<BalanceSheet> of(RigAnalysis analysis) {
        List<LensId> lenses = lenses(analysis.build());
        List<Optional<SlideBalance>> now =
                lenses.stream().map(lens -> analysis.withLens(lens).balance()).toList();
        if (now.stream().anyMatch(Optional::isEmpty)) {
            return Optional.empty();
        }
        List<WithLens> rows = new ArrayList<>();
        for (int i = 0; i < lenses.size(); i++) {
            SlideBalance b = now.get(i).orElseThrow();
            LensId lens = lenses.get(i);
            rows.add(new WithLens(
                    lens,
                    analysis.build().lens(lens).map(LensChoice::title).orElse("no lens"),
                    b.middleMm(),
                    b.offMm(),
                    b.toleranceMm(),
                    b.surelyMm(),
                    analysis.lifted(b.carried()).grams()));
        }
        return Optional.of(new BalanceSheet(rows, slides(analysis, rows), swaps(analysis, rows)));
    }

    private static List<LensId> lenses(Build build) {
        return build.lenses().isEmpty()
                ? List.of(LensId.NONE)
                : build.lenses().stream().map(LensChoice::id).toList();
    }

    private static List<Slide> slides(RigAnalysis analysis, List<WithLens> rows) {
        Rig rig = analysis.rig();
        List<Slide> all = new ArrayList<>();
        for (Motion motion : rig.motions()) {
            if (SlideBalance.goesAlong(rig, motion)) {
                List<Double> perMm = perMm(analysis, motion, rows);
                if (perMm.stream().anyMatch(k -> Math.abs(k) > 0.01)) {
                    all.add(new Slide(
                            motion.key(),
                            rig.title(motion.key().placement()),
                            motion.freedom().title(),
                            motion.value(),
                            motion.range(),
                            perMm,
                            serves(analysis, motion, perMm, rows)));
                }
            }
        }
        all.sort(Comparator.comparing((Slide s) -> s.serves().isEmpty())
                .thenComparing(s -> -Math.abs(s.perMm().get(0)) * s.range().length()));
        return List.copyOf(all.subList(0, Math.min(MOST_SLIDES, all.size())));
    }

    private static List<Double> perMm(RigAnalysis analysis, Motion motion, List<WithLens> rows) {
        List<Double> all = new ArrayList<>();
        for (WithLens row : rows) {
            if (analysis.withLens(row.lens()).rig().motion(motion.key()).isEmpty()) {
                // It came with the lens in the slot: with another there is nothing to slide.
                all.add(0.0);
                continue;
            }
            Scoped set = new Scoped(
                    analysis.build()
                            .scopeOf(
                                    motion.key(), analysis.rig().configuration().id(), row.lens()),
                    new Command.Set(motion.key(), valueWith(analysis, motion.key(), row.lens()) + STEP, false));
            Build moved = analysis.job()
                    .gear()
                    .apply(analysis.build().id(), List.of(set), analysis.catalogue())
                    .after()
                    .build(analysis.build().id());
            double then = SlideBalance.of(
                            Rig.resolve(moved, analysis.rig().configuration().id(), row.lens(), analysis.catalogue()))
                    .map(SlideBalance::middleMm)
                    .orElse(row.offMm());
            all.add((then - row.offMm()) / STEP);
        }
        return all;
    }

    /** A lens may have a setting of its own; the slide is looked at from there. */
    private static double valueWith(RigAnalysis analysis, SettingKey key, LensId lens) {
        return analysis.build()
                .content(analysis.rig().configuration().id(), lens, analysis.catalogue())
                .value(key);
    }

    private static Optional<Span> serves(RigAnalysis analysis, Motion motion, List<Double> perMm, List<WithLens> rows) {
        List<SlideForSet.WithLens> all = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            WithLens row = rows.get(i);
            all.add(new SlideForSet.WithLens(
                    valueWith(analysis, motion.key(), row.lens()), row.offMm(), row.surelyMm(), perMm.get(i)));
        }
        return SlideForSet.of(motion.range(), all)
                .filter(span -> motion.settableIn(span).isPresent());
    }

    private static List<OtherBattery> swaps(RigAnalysis analysis, List<WithLens> rows) {
        List<OtherBattery> all = new ArrayList<>();
        for (Placed placed : analysis.rig().attached()) {
            Optional<PowerFacet.Battery> battery = placed.type().facet(PowerFacet.Battery.class);
            if (battery.isEmpty()) {
                continue;
            }
            for (ItemType other : Parts.byNearness(analysis)) {
                if (all.size() < MOST_SWAPS
                        && !other.ref().id().equals(placed.type().ref().id())
                        && fits(placed.type(), battery.get(), other)) {
                    swap(analysis, placed, other, rows).ifPresent(all::add);
                }
            }
        }
        return all;
    }

    private static boolean fits(ItemType now, PowerFacet.Battery battery, ItemType other) {
        return other.facet(PowerFacet.Battery.class)
                .flatMap(f -> other.port(f.port()))
                .filter(p -> now.port(battery.port()).orElseThrow().standard().equals(p.standard()))
                .filter(p -> p.id().equals(battery.port()))
                .isPresent();
    }

    private static Optional<OtherBattery> swap(
            RigAnalysis analysis, Placed placed, ItemType other, List<WithLens> rows) {
        try {
            Build with = analysis.job()
                    .gear()
                    .apply(analysis.build().id(), Parts.swap(analysis, placed.id(), other), analysis.catalogue())
                    .after()
                    .build(analysis.build().id());
            List<Optional<SlideBalance>> then = rows.stream()
                    .map(WithLens::lens)
                    .map(lens -> SlideBalance.of(
                            Rig.resolve(with, analysis.rig().configuration().id(), lens, analysis.catalogue())))
                    .toList();
            if (then.stream().anyMatch(Optional::isEmpty)) {
                return Optional.empty();
            }
            return Optional.of(new OtherBattery(
                    placed.id(),
                    placed.title(),
                    other,
                    analysis.lifted(then.get(0).orElseThrow().carried()).grams()
                            - rows.get(0).carriedGrams(),
                    then.stream().map(b -> b.orElseThrow().middleMm()).toList()));
        } catch (EditRefused refused) {
            return Optional.empty();
        }
    }
}
