package wideharbor.core.benchtest;

import java.util.Comparator;
import java.util.Optional;
import wideharbor.core.analysis.ConfigurationAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.rig.MountChain;
import wideharbor.core.rig.Placed;
import wideharbor.core.standard.Standard;

/** What the lens sees, and whether it stays where it is put. */
final class FrontTests {
    private FrontTests() {}

    static void add(ConfigurationAnalysis configuration, TestPlan.Draft draft) {
        configuration.all().forEach(rig -> {
            rig.rig().fittedLens().ifPresent(lens -> draft.add(focus(rig, lens)));
            flange(rig).ifPresent(draft::add);
            rig.rig().attached().stream()
                    .filter(p -> p.type().can(Capability.DRIVES_LENS))
                    .findFirst()
                    .filter(p -> rig.rig().fittedLens().isPresent())
                    .ifPresent(drive -> draft.add(play(rig, drive)));
        });
        configuration
                .all()
                .filter(rig -> focal(rig).isPresent())
                .min(Comparator.comparingDouble(rig -> focal(rig).orElseThrow()))
                .ifPresent(widest -> box(widest).ifPresent(b -> draft.add(corners(widest, b))));
    }

    private static Optional<Double> focal(RigAnalysis rig) {
        return rig.rig()
                .fittedLens()
                .flatMap(l -> l.type().facet(OpticalFacet.Lens.class))
                .map(OpticalFacet.Lens::focalMm);
    }

    private static Optional<Placed> box(RigAnalysis rig) {
        return rig.rig().attached().stream()
                .filter(p -> p.type().facet(FrontFacet.MatteBox.class).isPresent())
                .findFirst();
    }

    private static BenchTest focus(RigAnalysis rig, Placed lens) {
        boolean driven = rig.rig().attached().stream().anyMatch(p -> p.type().can(Capability.DRIVES_LENS));
        return Tests.of(rig, "focus:" + rig.rig().lens(), Place.FRONT)
                .title(lens.title() + ": whole focus range")
                .subject(lens.type().ref().toString())
                .lens(rig.rig().lens())
                .how((driven ? "With the drive, calibrated, " : "By hand, ")
                        + "from closest to farthest and back; sharp at both ends on the largest screen.")
                .band(new Band.Answer("Both ends are reached and sharp; the marks are right."))
                .part(Optional.of(lens.id()))
                .why("A ring that stops early shows at the first close-up.")
                .build();
    }

    private static BenchTest play(RigAnalysis rig, Placed drive) {
        Placed lens = rig.rig().fittedLens().orElseThrow();
        return Tests.of(rig, "play:" + rig.rig().lens(), Place.FRONT)
                .title(lens.title() + " stays still in its mount")
                .subject(lens.type().ref() + " " + drive.type().ref())
                .lens(rig.rig().lens())
                .how("Run " + drive.title() + " hard into both ends of the ring; watch barrel and picture.")
                .band(new Band.Answer("The lens does not turn, the picture does not jump."))
                .part(Optional.of(lens.id()))
                .why("Play in the mount is a jump in the picture at every change of direction.")
                .build();
    }

    private static BenchTest corners(RigAnalysis rig, Placed box) {
        Placed lens = rig.rig().fittedLens().orElseThrow();
        long apart = Math.round(box.pose().at().minus(lens.pose().at()).length());
        return Tests.of(rig, "corners:" + rig.rig().configuration().id(), Place.FRONT, box)
                .title("Corners of " + lens.title() + " in " + box.title())
                .subject(box.type().ref() + " " + lens.type().ref() + " " + apart)
                .lens(rig.rig().lens())
                .how("Every stage and flag as on the day, a bright even wall, the smallest stop, whole focus range.")
                .band(new Band.Answer("No corner is cut or darker than the others."))
                .twice(true)
                .why("The widest lens sees the box first, and nobody sees it on a small screen.")
                .build();
    }

    /** Of the mount that a lens, or the first adapter before it, sits on. */
    private static Optional<BenchTest> flange(RigAnalysis rig) {
        return MountChain.of(rig.rig()).flatMap(chain -> {
            String standard = rig.rig().port(chain.joints().get(0).parent()).standard();
            return rig.standards()
                    .find(standard)
                    .map(Standard::facts)
                    .filter(Standard.Facts.LensMount.class::isInstance)
                    .map(Standard.Facts.LensMount.class::cast)
                    .map(mount -> flange(rig, chain.body(), mount));
        });
    }

    private static BenchTest flange(RigAnalysis rig, Placed body, Standard.Facts.LensMount mount) {
        double off = rig.rule(Rule.FLANGE);
        return Tests.of(rig, "flange", Place.FRONT, body)
                .title(body.title() + ": flange distance")
                .how("Mount wiped, body warm, the gauge on the mount: the mean of three readings.")
                .band(new Band.Measure(
                        Optional.of(mount.flangeMm() - off),
                        Optional.of(mount.flangeMm() + off),
                        "mm",
                        Optional.of(mount.flangeMm())))
                .instrument(Instrument.FLANGE_GAUGE)
                .why("Off by a few hundredths, wide lenses do not reach infinity and no mark is right.")
                .build();
    }
}
