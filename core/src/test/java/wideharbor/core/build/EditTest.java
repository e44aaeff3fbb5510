package wideharbor.core.build;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Figure;
import wideharbor.core.testkit.Bag;
import wideharbor.core.testkit.Parts;
import wideharbor.core.testkit.Rigs;

class EditTest {
    private static final ItemType SPARE = Bag.battery("battery-100", Figure.maker(100));

    private static Rigs sample() {
        return Bag.onRods(300)
                .inKit(SPARE, 3)
                .knows(Bag.rods(400))
                .lens("a", Bag.lens("a", 1500, 60, 120), "body:mount", "mount")
                .lens("b", Bag.lens("b", 2000, 80, 160), "body:mount", "mount");
    }

    private static GearPackage.Applied apply(Job job, Scoped... edit) {
        return job.gear().apply(Rigs.BUILD, List.of(edit), job.catalogue());
    }

    @Test
    void everyKindOfCommandIsUndoneExactly() {
        Job job = sample().job();
        List<Scoped> edit = List.of(
                Scoped.base(new Command.Place(PlacementId.of("head"), Bag.head().ref(), "")),
                Scoped.base(new Command.Set(SettingKey.parse("rods:rods:0"), -60, true)),
                Scoped.base(new Command.Retype(PlacementId.of("rods"), Parts.ref("rods-400"))),
                Scoped.base(new Command.Weigh(PlacementId.of("body"), Figure.measured(3050, "tech", "today"))),
                Scoped.base(new Command.Remove(PlacementId.of("box"))),
                Scoped.base(new Command.Unjoin(new JointId("j-quick"))),
                Scoped.lens(LensId.of("a"), new Command.Set(SettingKey.parse("box:rods:0"), 210, false)),
                Scoped.kit(new Command.AddKit(SPARE.ref(), 2)));
        Job known = new Job(
                job.id(),
                job.title(),
                job.brief(),
                job.rules(),
                new Catalogue(
                        with(job.catalogue().all(), Bag.head()), job.catalogue().standards()),
                job.gear(),
                List.of(),
                List.of());
        GearPackage.Applied done = known.gear().apply(Rigs.BUILD, edit.subList(0, 4), known.catalogue());
        assertNotEquals(known.gear(), done.after());
        assertEquals(
                known.gear(),
                done.after()
                        .apply(Rigs.BUILD, done.inverse(), known.catalogue())
                        .after());
        GearPackage.Applied rest = known.gear().apply(Rigs.BUILD, edit.subList(4, 8), known.catalogue());
        assertEquals(5, rest.after().kit().count(SPARE.ref()));
        assertEquals(
                known.gear(),
                rest.after()
                        .apply(Rigs.BUILD, rest.inverse(), known.catalogue())
                        .after());
    }

    /** Random edits, undone one after another from the last: the package is as it was. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void undoAfterEditIsIdentity(long seed) {
        Job job = sample().job();
        Random random = new Random(seed);
        List<GearPackage> before = new ArrayList<>();
        List<List<Scoped>> inverses = new ArrayList<>();
        GearPackage now = job.gear();
        for (int i = 0; i < 30; i++) {
            try {
                GearPackage.Applied applied = now.apply(Rigs.BUILD, List.of(anyCommand(random)), job.catalogue());
                before.add(now);
                inverses.add(applied.inverse());
                now = applied.after();
            } catch (EditRefused refused) {
                // A refused edit must leave everything as it is; the next one goes on from there.
            }
        }
        assertTrue(before.size() > 5, "seed " + seed + " must do something");
        for (int i = before.size() - 1; i >= 0; i--) {
            now = now.apply(Rigs.BUILD, inverses.get(i), job.catalogue()).after();
            assertEquals(before.get(i), now, "seed " + seed + ", step " + i);
        }
    }

    private static Scoped anyCommand(Random random) {
        String[] parts = {"quick", "bridge", "rods", "box"};
        String part = parts[random.nextInt(parts.length)];
        return switch (random.nextInt(8)) {
            case 0 -> Scoped.base(new Command.Remove(PlacementId.of(part)));
            case 1 -> Scoped.base(new Command.Restore(PlacementId.of(part)));
            case 2 -> Scoped.base(new Command.Set(SettingKey.parse("rods:rods:0"), random.nextInt(50), false));
            case 3 ->
                Scoped.lens(
                        LensId.of("a"), new Command.Set(SettingKey.parse("box:rods:0"), random.nextInt(300), false));
            case 4 ->
                Scoped.base(new Command.Retype(
                        PlacementId.of("rods"), Parts.ref(random.nextBoolean() ? "rods-300" : "rods-400")));
            case 5 -> Scoped.kit(new Command.AddKit(SPARE.ref(), random.nextInt(5) - 2));
            case 6 -> Scoped.base(new Command.Weigh(PlacementId.of(part), Figure.maker(random.nextInt(900))));
            default -> Scoped.base(new Command.Unjoin(new JointId("j-" + part)));
        };
    }

    @Test
    void anEditOnARemovedPartIsRefusedInWords() {
        Job job = sample().job();
        GearPackage removed = apply(job, Scoped.base(new Command.Remove(PlacementId.of("box"))))
                .after();
        EditRefused refused = assertThrows(
                EditRefused.class,
                () -> removed.apply(
                        Rigs.BUILD,
                        List.of(Scoped.base(new Command.Set(SettingKey.parse("box:rods:0"), 10, false))),
                        job.catalogue()));
        assertEquals("Placement 'box' was taken off the rig; put it back before it is changed.", refused.getMessage());
    }

    @Test
    void refusesWhatWouldNotHold() {
        Job job = sample().job();
        refused(job, new Command.Remove(PlacementId.of("body")), "cannot be taken off");
        refused(job, new Command.Remove(PlacementId.of("nobody")), "there is no placement 'nobody'");
        refused(job, new Command.Retype(PlacementId.of("rods"), Parts.ref("nothing-like-it")), "no item type");
        refused(job, new Command.Unplace(PlacementId.of("quick")), "still named");
        refused(job, new Command.Set(SettingKey.parse("rods:nowhere:0"), 1, false), "port 'nowhere'");
        refused(
                job,
                new Command.Join(Joint.locating(new JointId("again"), Rigs.port("body:top"), Rigs.port("quick:top"))),
                "already held by joint 'j-quick'");
    }

    /** Bridge unjoined and hung on the rods that hang on it: a circle. */
    @Test
    void refusesACircleOfLocatingJoints() {
        Job job = sample().job();
        EditRefused refused = assertThrows(
                EditRefused.class,
                () -> apply(
                        job,
                        Scoped.base(new Command.Unjoin(new JointId("j-bridge"))),
                        Scoped.base(new Command.Join(Joint.locating(
                                new JointId("round"), Rigs.port("rods:rods"), Rigs.port("bridge:rods"))))));
        assertTrue(refused.getMessage().contains("circle"), refused.getMessage());
    }

    /** A kit never goes below nothing, and a refused edit changes nothing at all. */
    @Test
    void allOrNothing() {
        Job job = sample().job();
        assertThrows(
                EditRefused.class,
                () -> apply(
                        job,
                        Scoped.base(new Command.Remove(PlacementId.of("box"))),
                        Scoped.kit(new Command.AddKit(SPARE.ref(), -4))));
        assertTrue(!job.gear().build(Rigs.BUILD).base().isRemoved(PlacementId.of("box")));
        assertEquals(3, job.gear().kit().count(SPARE.ref()));
    }

    @Test
    void aLensOverlayPlacesItsLensAndItsOwnSettings() {
        Job job = sample().job();
        GearPackage after = apply(
                        job, Scoped.lens(LensId.of("b"), new Command.Set(SettingKey.parse("box:rods:0"), 240, false)))
                .after();
        Build build = after.build(Rigs.BUILD);
        Content withA = build.content(Rigs.STUDIO, LensId.of("a"), job.catalogue());
        Content withB = build.content(Rigs.STUDIO, LensId.of("b"), job.catalogue());
        assertEquals(200, withA.value(SettingKey.parse("box:rods:0")));
        assertEquals(240, withB.value(SettingKey.parse("box:rods:0")));
        assertTrue(withA.placement(PlacementId.of("lens-a")).isPresent()
                && withA.placement(PlacementId.of("lens-b")).isEmpty());
        assertEquals(
                new Scope.InLens(LensId.of("b")),
                build.scopeOf(SettingKey.parse("box:rods:0"), Rigs.STUDIO, LensId.of("b")));
        assertEquals(new Scope.Base(), build.scopeOf(SettingKey.parse("box:rods:0"), Rigs.STUDIO, LensId.of("a")));
    }

    /** A base edit that would leave a lens without its place is refused, naming the lens. */
    @Test
    void refusesWhatAnOverlayCannotFollow() {
        ItemType bare = Parts.part("bare").make();
        Job job = sample().knows(bare).job();
        EditRefused refused = assertThrows(
                EditRefused.class,
                () -> apply(job, Scoped.base(new Command.Retype(PlacementId.of("box"), bare.ref()))));
        assertTrue(refused.getMessage().contains("port 'rods'"), refused.getMessage());
    }

    private static void refused(Job job, Command command, String because) {
        EditRefused refused = assertThrows(EditRefused.class, () -> apply(job, Scoped.base(command)));
        assertTrue(
                refused.getMessage().toLowerCase(Locale.ROOT).contains(because.toLowerCase(Locale.ROOT)),
                refused.getMessage());
    }

    private static List<ItemType> with(List<ItemType> all, ItemType more) {
        List<ItemType> next = new ArrayList<>(all);
        next.add(more);
        return next;
    }
}
