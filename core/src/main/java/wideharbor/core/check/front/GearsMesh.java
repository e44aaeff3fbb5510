package wideharbor.core.check.front;

import static wideharbor.core.job.Subject.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.HouseRules.Rule;
import wideharbor.core.catalog.FrontFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.check.Told;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.FrontFixes;
import wideharbor.core.front.Mesh;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Judgement;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;

/** A drive's gear reaches the lens's, runs in it and turns it. */
final class GearsMesh implements Check {
    private static final String MODULE = "module";
    private static final String REACH = "reach";
    private static final String OVERLAP = "overlap";
    private static final String SMOOTH = "smooth";
    private static final String TORQUE = "torque";

    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("front.mesh")
            .family("front")
            .title("Drives mesh with the lens")
            .subjects("every motor or follow focus on rods, with the gear of the lens nearest to it; lenses "
                    + "whose rings are known to have no teeth")
            .expectation("one module; the arm reaches; the teeth run in each other by the house's share; the torque "
                    + "at the ring is what turns it with the house's reserve")
            .because("a drive that does not reach is found out with the lens on the camera and the crew waiting")
            .formula("a = m · (z₁ + z₂) ÷ 2; |R − ρ| ≤ a ≤ R + ρ; torque · z₁ ÷ z₂")
            .source("geometry of spur gears; gears and arms as on file")
            .severity(Severity.STOP)
            .perLens(true)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Mesh.of(analysis.rig(), analysis.standards()).forEach(m -> judge(m, results));
        toothless(analysis)
                .ifPresent(lens -> analysis.rig().attached().stream()
                        .forEach(drive -> drive.type()
                                .facet(FrontFacet.Drive.class)
                                .ifPresent(f -> smooth(lens, drive, f, results))));
    }

    /** A lens whose rings are known to have no teeth, nor a gear ring on them. */
    private static Optional<Placed> toothless(RigAnalysis analysis) {
        return analysis.rig()
                .fittedLens()
                .filter(p -> p.type().facet(FrontFacet.SmoothRing.class).isPresent())
                .filter(p -> !Mesh.hasTeeth(analysis.rig(), p));
    }

    private static void smooth(Placed lens, Placed drive, FrontFacet.Drive facet, Results results) {
        results.found(
                About.of(SMOOTH, part(lens.id()), part(drive.id())),
                lens.title() + " has no teeth for " + drive.title(),
                new Evidence.Statement("a smooth ring", "teeth of module " + Words.one(facet.moduleMm())),
                "A gear slips on a smooth ring. A gear ring of its diameter goes on it, or a hand turns it.");
    }

    private static void judge(Mesh mesh, Results results) {
        if (!mesh.isOfOneModule()) {
            results.found(
                    about(MODULE, mesh),
                    mesh.drive().title() + " has other teeth than the " + ring(mesh) + " ring of "
                            + mesh.lens().title(),
                    Evidence.Amount.between(
                            mesh.facet().moduleMm(),
                            mesh.gear().moduleMm(),
                            mesh.gear().moduleMm(),
                            "mm"),
                    "Gears of another module jam. A gear for this one goes on the drive, or a ring of its own on the "
                            + "lens.");
            return;
        }
        results.judge(mesh.reach(), reach(mesh));
        results.judge(mesh.overlap(results.analysis().rule(Rule.GEAR_OVERLAP)), overlap(mesh));
        mesh.torque(results.analysis().rule(Rule.DRIVE_RESERVE)).ifPresent(t -> torque(mesh, t, results));
    }

    private static Told reach(Mesh mesh) {
        Mesh.Rod rod = mesh.rods().get(0);
        return new Told(
                about(REACH, mesh),
                mesh.drive().title() + " does not reach the " + ring(mesh) + " ring of "
                        + mesh.lens().title(),
                "The middles of the gears must be " + Words.length(mesh.aparts()) + " apart; the rod stands "
                        + Words.length(rod.fromAxisMm()) + " from the axis and the arm is "
                        + Words.length(mesh.facet().armMm()) + " long. Another pair of rods, a rod at the side or a "
                        + "longer arm reaches.",
                "");
    }

    private static Told overlap(Mesh mesh) {
        String way = mesh.aheadMm() > 0 ? "forward" : "back";
        return new Told(
                about(OVERLAP, mesh),
                mesh.drive().title() + " misses the " + ring(mesh) + " ring of "
                        + mesh.lens().title(),
                "Its teeth run " + Words.length(Math.abs(mesh.aheadMm())) + " beside the middle of the ring's. Slid "
                        + way + " by so much they run in its middle.",
                "");
    }

    private static void torque(Mesh mesh, Judgement torque, Results results) {
        if (torque.state() == CheckState.NOT_CHECKED) {
            results.notChecked(
                    about(TORQUE, mesh),
                    "what turns the " + ring(mesh) + " ring of " + mesh.lens().title() + " is not on file");
            return;
        }
        results.judge(
                Severity.CAUTION,
                torque,
                new Told(
                        about(TORQUE, mesh),
                        mesh.drive().title() + " is weak for the " + ring(mesh) + " ring of "
                                + mesh.lens().title(),
                        "At the ring it gives " + Words.one(torque.value())
                                + " N·m. A stiff ring stalls it in the cold.",
                        mesh.lens().title(),
                        "torque"));
    }

    private static String ring(Mesh mesh) {
        return mesh.gear().ring().name().toLowerCase(Locale.ROOT);
    }

    private static About about(String aspect, Mesh mesh) {
        return About.of(aspect, part(mesh.lens().id()), part(mesh.drive().id()));
    }

    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        PlacementId drive = finding.key().parts().get(1);
        List<Candidate> all = new ArrayList<>();
        if (finding.key().aspect().equals(SMOOTH)) {
            PlacementId lens = finding.key().parts().get(0);
            analysis.rig()
                    .require(lens)
                    .type()
                    .facets(FrontFacet.SmoothRing.class)
                    .forEach(s -> all.addAll(FrontFixes.gearRings(analysis, lens, s)));
            return all;
        }
        if (finding.key().aspect().equals(OVERLAP)) {
            Mesh.of(analysis.rig(), analysis.standards()).stream()
                    .filter(m -> m.drive().id().equals(drive))
                    .forEach(m -> all.addAll(FrontFixes.slide(analysis, drive, m.aheadMm())));
        }
        all.addAll(FrontFixes.otherDrives(analysis, drive));
        return all;
    }
}
