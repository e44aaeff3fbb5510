package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.ItemTypeBuilder;
import wideharbor.core.catalog.Link;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.check.CheckEngine;
import wideharbor.core.check.Finding;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;
import wideharbor.core.quantity.Figure;

/**
 * All checks over all shipped jobs and disturbed copies: knowing less never makes anything fine, and what is found
 * whatever the figures are is found whatever they turn out to be.
 */
class WideningTest {
    private static final long SEED = 20_261_129;
    private static final int DISTURBED = 5;
    private static final int NARROWED = 6;
    private static final double BY = 0.25;

    /**
     * Judged against what somebody claims, so that a narrower claim is another one: a battery of 150 Wh is asked for by
     * its label, and a piece is held against the range its type is said to weigh.
     */
    private static final Set<String> AGAINST_WHAT_IS_CLAIMED = Set.of("ways.wanted", "mass.differs", "power.differs");

    private final CheckEngine engine = CheckEngine.standard();

    static List<String> jobs() throws IOException {
        return Disturbed.demoFiles();
    }

    @ParameterizedTest
    @MethodSource("jobs")
    void knowingLessNeverMakesAnythingFine(String file) throws IOException {
        Job job = Disturbed.demo(file);
        int undecided = told(job);
        Random random = new Random(SEED + file.hashCode());
        for (int i = 0; i < DISTURBED; i++) {
            undecided += told(Disturbed.copyOf(job, random));
        }
        assertTrue(undecided > 0, "a quarter of every mass, draw and charge decides something in " + file);
    }

    /** Kiln in low mode hangs by a handle of 690 g: 9.12 kg are carried, where 8.43 were told. */
    @Test
    void whatKilnHangsByIsCarried() throws IOException {
        Job job = Disturbed.demo("kiln.harbor.json");
        assertEquals(
                9117,
                RigAnalysis.of(
                                job,
                                job.gear().builds().get(0),
                                ConfigurationId.of("low"),
                                job.gear().builds().get(0).lensIds().get(0))
                        .carried()
                        .grams(),
                0.5);
    }

    /** Whatever the figures turn out to be within what is known, what was fine is fine and what was found is found. */
    @ParameterizedTest
    @MethodSource("jobs")
    void knowingMoreChangesNothingThatWasDecided(String file) throws IOException {
        Random random = new Random(SEED + file.hashCode());
        Job wide = mapped(Disturbed.demo(file), WideningTest::widened);
        List<Finding> before = engine.check(wide).findings();
        Set<Fact> told = facts(before, f -> true);
        for (int i = 0; i < NARROWED; i++) {
            Job narrow = mapped(wide, f -> somewhereIn(f, random));
            List<Finding> after = engine.check(narrow).findings();
            for (Finding finding : after) {
                assertTrue(
                        AGAINST_WHAT_IS_CLAIMED.contains(finding.key().check()) || told.contains(Fact.of(finding)),
                        () -> "was fine whatever it is: " + finding);
            }
            Set<Fact> found = facts(after, f -> f.state() == CheckState.FOUND);
            for (Finding finding : before) {
                assertTrue(
                        finding.state() != CheckState.FOUND || found.contains(Fact.of(finding)),
                        () -> "was found whatever it is: " + finding);
            }
        }
    }

    /** Exactly known, anywhere in what it may be. */
    private static Figure somewhereIn(Figure figure, Random random) {
        if (!(figure instanceof Figure.Known k)) {
            return figure;
        }
        double value = k.low() + random.nextDouble() * (k.high() - k.low());
        return new Figure.Known(value, value, value, k.source(), k.by(), k.when());
    }

    /** How many facts more are undecided. */
    private int told(Job job) {
        List<Finding> exact = engine.check(job).findings();
        List<Finding> wide = engine.check(mapped(job, WideningTest::widened)).findings();
        Set<Fact> told = facts(wide, f -> true);
        Set<Fact> open = facts(wide, f -> f.state() != CheckState.FOUND);
        for (Finding finding : exact) {
            assertTrue(told.contains(Fact.of(finding)), () -> "fine by knowing less: " + finding);
        }
        Set<Fact> found = facts(exact, f -> f.state() == CheckState.FOUND);
        for (Finding finding : wide) {
            assertTrue(
                    finding.state() != CheckState.FOUND || found.contains(Fact.of(finding)),
                    () -> "found only by knowing less: " + finding);
        }
        return open.size() - facts(exact, f -> f.state() != CheckState.FOUND).size();
    }

    /** What a finding is about, whichever of several limits it tells. */
    private record Fact(String check, FindingKey where) {
        static Fact of(Finding finding) {
            FindingKey k = finding.key();
            return new Fact(
                    k.check(), new FindingKey(k.check(), "any", k.build(), k.configuration(), k.lens(), k.subjects()));
        }
    }

    private static Set<Fact> facts(List<Finding> findings, Predicate<Finding> which) {
        return findings.stream().filter(which).map(Fact::of).collect(Collectors.toSet());
    }

    private static Job mapped(Job job, UnaryOperator<Figure> map) {
        List<ItemType> types =
                job.catalogue().all().stream().map(t -> mapped(t, map)).toList();
        return new Job(
                job.id(),
                job.title(),
                job.brief(),
                job.rules(),
                new Catalogue(types, job.catalogue().standards()),
                job.gear(),
                job.reads(),
                job.waivers());
    }

    private static ItemType mapped(ItemType type, UnaryOperator<Figure> map) {
        return ItemTypeBuilder.builder(type)
                .links(type.links().stream()
                        .map(l -> new Link(l.id(), map.apply(l.massGrams()), l.centreOfMass(), l.shapes()))
                        .toList())
                .facets(type.facets().stream().map(f -> mapped(f, map)).toList())
                .build();
    }

    private static Facet mapped(Facet facet, UnaryOperator<Figure> map) {
        if (facet instanceof PowerFacet.PowerInput in) {
            return new PowerFacet.PowerInput(
                    in.socket(),
                    in.minVolts(),
                    in.maxVolts(),
                    in.idleWatts(),
                    map.apply(in.runningWatts()),
                    map.apply(in.peakWatts()),
                    in.bootSeconds());
        }
        if (facet instanceof PowerFacet.Battery b) {
            return new PowerFacet.Battery(
                    b.port(),
                    map.apply(b.wattHours()),
                    b.health(),
                    b.fullVolts(),
                    b.nominalVolts(),
                    b.endVolts(),
                    b.continuousWatts(),
                    b.peakWatts(),
                    b.innerOhm());
        }
        return facet;
    }

    private static Figure widened(Figure figure) {
        return Optional.of(figure)
                .filter(Figure.Known.class::isInstance)
                .map(Figure.Known.class::cast)
                .<Figure>map(k -> new Figure.Known(
                        k.value(),
                        Math.min(k.low(), k.value() * (1 - BY)),
                        Math.max(k.high(), k.value() * (1 + BY)),
                        k.source(),
                        k.by(),
                        k.when()))
                .orElse(figure);
    }
}
