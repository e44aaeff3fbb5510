package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Motion;
import wideharbor.core.rig.MountChain;
import wideharbor.core.rig.Rig;

/** What may be done with what stands before a lens, or drives it. */
public final class FrontFixes {
    private static final int MOST = 6;
    private static final double MOVED = 0.25;

    private FrontFixes() {}

    /** A part so far forward along its rods, mm, or back. */
    public static List<Candidate> slide(RigAnalysis analysis, PlacementId part, double byMm) {
        Optional<Motion> motion = analysis.rig().motions().stream()
                .filter(m -> m.alongCarrier() && m.key().placement().equals(part))
                .findFirst();
        if (motion.isEmpty()) {
            return List.of();
        }
        // At least so far: what must come clear does.
        double wanted = motion.get().value() + byMm;
        double value = motion.get().settable(byMm > 0 ? Math.ceil(wanted * 2) / 2 : Math.floor(wanted * 2) / 2);
        if (Math.abs(value - motion.get().value()) < MOVED) {
            return List.of();
        }
        return List.of(new Candidate(
                "slide",
                "Slide " + analysis.rig().title(part) + " "
                        + Words.length(Math.abs(value - motion.get().value()))
                        + (byMm > 0 ? " forward" : " back") + ", to " + Words.one(value),
                PartEdits.set(analysis, motion.get().key(), value, false)));
    }

    /** Another box in its stead, those of the kit first. */
    public static List<Candidate> otherBoxes(RigAnalysis analysis, PlacementId box) {
        return others(analysis, box, FrontFacet.MatteBox.class);
    }

    /** Another drive in its stead, those of the kit first. */
    public static List<Candidate> otherDrives(RigAnalysis analysis, PlacementId drive) {
        return others(analysis, drive, FrontFacet.Drive.class);
    }

    /** Another lens adapter in its stead, those of the kit first. */
    public static List<Candidate> otherAdapters(RigAnalysis analysis, PlacementId adapter) {
        return others(analysis, adapter, OpticalFacet.LensAdapter.class);
    }

    /** Another lens adapter for each that is between body and lens. */
    public static List<Candidate> otherAdapters(RigAnalysis analysis) {
        return MountChain.of(analysis.rig()).stream()
                .flatMap(c -> c.between().stream())
                .flatMap(p -> otherAdapters(analysis, p.id()).stream())
                .toList();
    }

    /** A gear ring for a smooth ring, those of the kit first. */
    public static List<Candidate> gearRings(RigAnalysis analysis, PlacementId lens, FrontFacet.SmoothRing smooth) {
        List<Candidate> all = new ArrayList<>();
        PortRef on = new PortRef(lens, smooth.port());
        Port barrel = analysis.rig().port(on);
        for (ItemType type : Parts.byNearness(analysis)) {
            if (all.size() < MOST && type.facet(FrontFacet.Gear.class).isPresent()) {
                type.ports().stream()
                        .filter(p -> Mating.mates(p, barrel, analysis.standards()))
                        .findFirst()
                        .ifPresent(p -> all.add(new Candidate(
                                "gear-ring",
                                "Put " + type.name() + " on the "
                                        + smooth.ring().name().toLowerCase(Locale.ROOT) + " ring of "
                                        + analysis.rig().title(lens),
                                PartEdits.add(analysis, on, type, p.id()))));
            }
        }
        return all;
    }

    /** The part off, with what hangs on it; not what bears the rig. */
    public static List<Candidate> takeOff(RigAnalysis analysis, PlacementId part) {
        Rig rig = analysis.rig();
        PlacementId support = rig.configuration().support();
        boolean bears =
                rig.subtree(part).contains(support) || rig.subtree(support).contains(part);
        return rig.find(part).isEmpty() || bears
                ? List.of()
                : List.of(new Candidate(
                        "take-off", "Take off " + rig.title(part), PartEdits.remove(analysis, part, true)));
    }

    private static List<Candidate> others(RigAnalysis analysis, PlacementId part, Class<? extends Facet> kind) {
        List<Candidate> all = new ArrayList<>();
        if (analysis.rig().find(part).isEmpty()) {
            return all;
        }
        ItemType now = analysis.rig().require(part).type();
        for (ItemType type : Parts.byNearness(analysis)) {
            if (all.size() < MOST
                    && !type.ref().equals(now.ref())
                    && type.facet(kind).isPresent()) {
                exchanged(analysis, part, type).ifPresent(all::add);
            }
        }
        return all;
    }

    private static Optional<Candidate> exchanged(RigAnalysis analysis, PlacementId part, ItemType type) {
        try {
            Exchange made = Exchange.of(analysis, part, type);
            return made.lost().isEmpty()
                    ? Optional.of(new Candidate("exchange", Exchange.said(analysis, part, made), made.edit()))
                    : Optional.empty();
        } catch (EditRefused notThere) {
            return Optional.empty();
        }
    }
}
