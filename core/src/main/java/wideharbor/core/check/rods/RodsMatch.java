package wideharbor.core.check.rods;

import static wideharbor.core.job.Subject.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.RiggingFacet;
import wideharbor.core.check.About;
import wideharbor.core.check.Check;
import wideharbor.core.check.CheckCard;
import wideharbor.core.check.CheckCardBuilder;
import wideharbor.core.check.Evidence;
import wideharbor.core.check.Finding;
import wideharbor.core.check.Results;
import wideharbor.core.check.Severity;
import wideharbor.core.edit.AdapterFixes;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Rig;
import wideharbor.core.standard.Standard;

/** What clamps rods, and the rods, agree in diameter and spacing. */
final class RodsMatch implements Check {
    private static final CheckCard CARD = CheckCardBuilder.builder()
            .id("rods.match")
            .family("rods")
            .title("Rods fit what clamps them")
            .subjects("every joint on rods")
            .expectation("diameters agree within 0.1 mm and spacings within 0.5 mm")
            .because("a 14.8 mm rod looks like 15 and turns in the clamp; rods at another spacing do not go in")
            .formula("|d₁ − d₂| ≤ 0.1 mm; |s₁ − s₂| ≤ 0.5 mm")
            .source("mounting standards table; confirm with the maker's drawing")
            .severity(Severity.STOP)
            .build();

    @Override
    public CheckCard card() {
        return CARD;
    }

    @Override
    public void run(RigAnalysis analysis, Results results) {
        Rig rig = analysis.rig();
        for (Joint joint : rig.liveJoints()) {
            Port parent = rig.port(joint.parent());
            Port child = rig.port(joint.child());
            if (!isRod(parent, analysis) || !isRod(child, analysis)) {
                continue;
            }
            Optional<String> whyNot = Mating.whyNot(parent, child, analysis.standards());
            if (whyNot.isEmpty()) {
                results.fine();
                continue;
            }
            results.found(
                    About.of("match", joint(joint.id())),
                    rig.title(joint.child().placement()) + " does not go on "
                            + rig.title(joint.parent().placement()),
                    new Evidence.Statement(describe(child, analysis), describe(parent, analysis)),
                    Character.toUpperCase(whyNot.get().charAt(0)) + whyNot.get().substring(1) + ".");
        }
    }

    private static String describe(Port port, RigAnalysis analysis) {
        return "Ø " + Words.one(Mating.rodDiameter(port, analysis.standards())) + ", "
                + Words.one(Mating.rodSpacing(port, analysis.standards())) + " apart";
    }

    private static boolean isRod(Port port, RigAnalysis analysis) {
        return analysis.standards().require(port.standard()).family() == Standard.Family.ROD;
    }

    /** Rods of the same length that do fit. */
    @Override
    public List<Candidate> candidates(Finding finding, RigAnalysis analysis) {
        List<Candidate> found =
                new ArrayList<>(AdapterFixes.of(analysis, finding.key().joint()));
        Joint joint = analysis.rig().content().joint(finding.key().joint()).orElseThrow();
        for (PortRef ref : List.of(joint.child(), joint.parent())) {
            ItemType now = analysis.rig().require(ref.placement()).type();
            Optional<RiggingFacet.Rods> rods = now.facet(RiggingFacet.Rods.class);
            if (rods.isEmpty()) {
                continue;
            }
            for (ItemType other : Parts.byNearness(analysis)) {
                Optional<RiggingFacet.Rods> spec = other.facet(RiggingFacet.Rods.class);
                if (spec.isPresent()
                        && spec.get().lengthMm() >= rods.get().lengthMm()
                        && !other.ref().equals(now.ref())) {
                    found.add(new Candidate(
                            "rods",
                            other.name() + " in place of " + now.name(),
                            Parts.swap(analysis, ref.placement(), other)));
                }
            }
        }
        return found;
    }
}
