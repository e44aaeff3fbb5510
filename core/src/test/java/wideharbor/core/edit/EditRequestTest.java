package wideharbor.core.edit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.job.Subject;
import wideharbor.core.quantity.Figure;
import wideharbor.core.stock.Piece;
import wideharbor.core.testkit.Bag;

/** Every kind of request becomes commands, words for the journal, and what to look at afterwards. */
class EditRequestTest {
    private static final FindingKey FINDING = new FindingKey(
            "c",
            "x",
            BuildId.of("a"),
            ConfigurationId.of("studio"),
            LensId.NONE,
            List.of(Subject.part(PlacementId.of("rods"))));

    private static final Map<String, Piece> PIECES = Map.of(
            "B-1", piece("B-1", "body", Optional.of(3210.0)),
            "B-2", piece("B-2", "body", Optional.empty()),
            "B-3", piece("B-3", "body", Optional.empty()).in(Piece.Condition.LOST),
            "Q-1", piece("Q-1", "quick", Optional.empty()));

    private static Piece piece(String code, String type, Optional<Double> grams) {
        return new Piece(code, type, "", Piece.Owner.HOUSE, "", Piece.Condition.READY, "", grams, "");
    }

    static final Occasion OCCASION = new Occasion() {
        @Override
        public String who() {
            return "p-1";
        }

        @Override
        public String when() {
            return "2026-11-28T10:00:00Z";
        }

        @Override
        public List<Snapshots.Mark> marks(long state) {
            return List.of(new Snapshots.Mark(SettingKey.parse("rods:rods:0"), "rods", "slide", -30, "mm", false));
        }

        @Override
        public Optional<Piece> piece(String code) {
            return Optional.ofNullable(PIECES.get(code));
        }

        @Override
        public Candidate fix(FindingKey finding, String fix) {
            return new Candidate("riser", "Riser under it", List.of());
        }
    };

    private final RigAnalysis rig = Bag.onRods(300).analysis();

    private Prepared prepared(EditRequest request) {
        return request.prepare(rig, OCCASION);
    }

    @Test
    void aSettingIsMarkedAsMadeByFeel() {
        SettingKey key = SettingKey.parse("rods:rods:0");
        double now = rig.rig().content().value(key);
        Prepared felt = prepared(new FigureRequest.Feel(key, true));
        assertEquals(
                List.of(new Command.Set(key, now, true)),
                felt.commands().stream().map(Scoped::command).toList());
        assertTrue(felt.summary().endsWith("is set by feel"), felt.summary());
        assertTrue(prepared(new FigureRequest.Feel(key, false)).summary().endsWith("is set as measured"));
    }

    @Test
    void aSettingIsSetAndTold() {
        Prepared set = prepared(new FigureRequest.Set(SettingKey.parse("rods:rods:0"), -40));
        assertEquals(
                List.of(new Command.Set(SettingKey.parse("rods:rods:0"), -40, false)),
                set.commands().stream().map(c -> c.command()).toList());
        assertTrue(set.summary().equals("Set rods-300, slide −40.0"), set.summary());
        assertTrue(set.show().isNone());
    }

    /** The same request for the configuration looked at alone: no command goes into the base. */
    @Test
    void hereOnlyLeavesTheBaseAsItIs() {
        Prepared here = prepared(new FigureRequest.Set(SettingKey.parse("rods:rods:0"), -40))
                .hereOnly(rig);
        assertTrue(here.commands().stream().allMatch(c -> c.scope() instanceof Scope.InConfiguration));
        assertTrue(here.summary().endsWith(" only"), here.summary());
    }

    @Test
    void aNewConfigurationIsLookedAtAfterwards() {
        Prepared derived = prepared(new ConfigurationRequest.Derive(" Rain "));
        assertEquals("Derive Rain", derived.summary());
        assertEquals("rain", derived.show().toString());
    }

    @Test
    void whatTheOccasionKnowsIsAskedOfIt() {
        assertEquals(
                "Fix: Riser under it",
                prepared(new EditRequest.Fix(FINDING, "riser-1")).summary());
        assertEquals(
                "Back as it was left, 1 number",
                prepared(new EditRequest.ComeBack(3)).summary());
        assertTrue(prepared(new FigureRequest.Weigh(PlacementId.of("box"), 700))
                .commands()
                .toString()
                .contains("p-1"));
    }

    @Test
    void whatIsNotThereIsRefusedInWords() {
        EditRequest ghost =
                new PartRequest.Add(new PortRef(PlacementId.of("body"), "base"), new TypeRef("ghost", 1), "foot");
        assertEquals(
                "The catalogue has no item ghost@1.",
                assertThrows(EditRefused.class, () -> prepared(ghost)).getMessage());
        assertThrows(EditRefused.class, () -> prepared(new PartRequest.Remove(PlacementId.of("body"), false)));
    }

    @Test
    void aRequestThatCannotBeIsNotMade() {
        refused("Title of a configuration must not be empty", () -> new ConfigurationRequest.Derive(" "));
        refused("must have at most 40 characters", () -> new ConfigurationRequest.Rename("x".repeat(41)));
        refused("Value must be a finite number", () -> new FigureRequest.Set(SettingKey.parse("a:b:0"), Double.NaN));
        refused("Mass must lie from 0", () -> new FigureRequest.Weigh(PlacementId.of("box"), -5));
        refused(
                "at most 12 parts",
                () -> new CableRequest.Lay(
                        new CableId("k"), Collections.nCopies(13, PlacementId.of("a")), PlacementId.NONE));
        refused("Side is missing", () -> new ConfigurationRequest.Portrait("Tall", null));
    }

    private static void refused(String words, org.junit.jupiter.api.function.Executable request) {
        String said = assertThrows(IllegalArgumentException.class, request).getMessage();
        assertTrue(said.contains(words), said);
    }

    /** 3210 g on the scale instead of 3000 on file: the piece brings what it weighs, and another takes it away. */
    @Test
    void aPartIsAPieceAndWeighsWhatThatWeighs() {
        PlacementId body = PlacementId.of("body");
        Prepared first = prepared(new FigureRequest.Identify(body, " b-1 "));
        assertEquals("body is B-1, 3210 g", first.summary());
        assertEquals(
                List.of(
                        Scoped.base(new Command.Identify(body, "B-1")),
                        Scoped.base(new Command.Weigh(body, PieceRequests.weighed("B-1", 3210)))),
                first.commands());
        Job with = rig.job()
                .with(rig.job()
                        .gear()
                        .apply(rig.build().id(), first.commands(), rig.catalogue())
                        .after());
        Build built = with.gear().builds().get(0);
        assertEquals("B-1", built.base().placement(body).orElseThrow().piece());
        Figure anew = PieceRequests.weighed("B-1", 3300);
        assertEquals(
                List.of(Scoped.base(new Command.Weigh(body, anew))), PieceRequests.weighedAnew(built, "B-1", anew));
        assertEquals(List.of(), PieceRequests.weighedAnew(built, "B-1", PieceRequests.weighed("B-1", 3210)));
        assertEquals(List.of(), PieceRequests.weighedAnew(built, "B-2", anew));
    }

    @Test
    void whatAPieceCannotBeIsSaid() {
        PlacementId body = PlacementId.of("body");
        assertEquals("There is no piece 'B-9' in this house.", refused(body, "B-9"));
        assertTrue(refused(body, "Q-1").startsWith("Q-1 is quick, not body"), refused(body, "Q-1"));
        assertEquals("B-3 is lost.", refused(body, "b-3"));
    }

    private String refused(PlacementId part, String code) {
        return assertThrows(EditRefused.class, () -> prepared(new FigureRequest.Identify(part, code)))
                .getMessage();
    }
}
