package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Command;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.LensChoice;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scope;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.id.FreeId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;
import wideharbor.core.rig.Placed;
import wideharbor.core.standard.Standard;

/** The lens set of a body: which lenses, in which order, each with the adapter it needs. */
public final class LensEdits {
    private LensEdits() {}

    /** A lens joins the set behind the others, on the body's mount, through an adapter where it needs one. */
    static Prepared add(RigAnalysis seen, ItemType lens) {
        RigAnalysis bare = seen.withLens(LensId.NONE);
        Mounted mounted = mount(bare, new Reaches(bare), lens)
                .orElseThrow(() -> new EditRefused(
                        "No lens mount of this rig takes " + lens.name() + ", and no adapter on file joins the two."));
        LensId id = freeId(seen.build(), lens.ref().id());
        Scope scope = new Scope.InLens(id);
        Chains.Hung hung = Chains.hang(bare, scope, mounted.on(), mounted.chain());
        Set<String> taken = new HashSet<>(hung.taken());
        PlacementId placement = PlacementId.of(Chains.freeId(bare, lens.ref().id(), taken));
        List<Command> overlay = new ArrayList<>();
        List<Scoped> kit = new ArrayList<>();
        for (Scoped one : hung.commands()) {
            if (one.scope() instanceof Scope.InPackage) {
                kit.add(one);
            } else {
                overlay.add(one.command());
            }
        }
        overlay.add(new Command.Place(placement, lens.ref(), ""));
        overlay.add(new Command.Join(Joint.locating(
                new JointId(Chains.freeId(bare, "j-" + placement, taken)),
                hung.end(),
                new PortRef(placement, mounted.port()))));
        List<Scoped> edit = new ArrayList<>(List.of(Scoped.base(new Command.Equip(
                new LensChoice(id, title(lens), overlay), seen.build().lenses().size()))));
        edit.addAll(kit);
        edit.addAll(Parts.take(bare, lens.ref(), 1));
        String through = mounted.chain().links().isEmpty()
                ? ""
                : " through " + mounted.chain().title();
        return new Prepared("Lens " + lens.name() + " into the set" + through, edit);
    }

    private static String title(ItemType lens) {
        String name = lens.name();
        return name.length() > LensChoice.LONGEST_TITLE ? name.substring(0, LensChoice.LONGEST_TITLE) : name;
    }

    private record Mounted(PortRef on, String port, AdapterFinder.Chain chain) {}

    /** The mount with the fewest pieces between. */
    private static Optional<Mounted> mount(RigAnalysis bare, Reaches reaches, ItemType lens) {
        List<Mounted> all = new ArrayList<>();
        for (Placed placed : bare.rig().attached()) {
            for (Port port : placed.type().ports()) {
                PortRef on = new PortRef(placed.id(), port.id());
                if (isMount(bare, port) && bare.rig().isFree(on)) {
                    on(bare, reaches, on, lens).ifPresent(all::add);
                }
            }
        }
        return all.stream().min(Comparator.comparingInt(m -> m.chain().links().size()));
    }

    private static Optional<Mounted> on(RigAnalysis bare, Reaches reaches, PortRef on, ItemType lens) {
        return lens.ports().stream()
                .filter(own -> isMount(bare, own))
                .flatMap(own -> reaches.chain(on, own).map(c -> new Mounted(on, own.id(), c)).stream())
                .min(Comparator.comparingInt(m -> m.chain().links().size()));
    }

    private static boolean isMount(RigAnalysis bare, Port port) {
        return bare.standards().require(port.standard()).family() == Standard.Family.LENS_MOUNT;
    }

    /** Lenses that go on this rig, with the adapter that goes between; those in the kit first. */
    public static List<ByHand.Offer> offers(RigAnalysis seen) {
        RigAnalysis bare = seen.withLens(LensId.NONE);
        Reaches reaches = new Reaches(bare);
        List<ByHand.Offer> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(bare)) {
            if (type.facet(OpticalFacet.Lens.class).isPresent()) {
                mount(bare, reaches, type).ifPresent(m -> {
                    int held = bare.kit().count(type.ref());
                    String through = m.chain().links().isEmpty()
                            ? "on the mount as it is"
                            : "through " + m.chain().title();
                    all.add(new ByHand.Offer(
                            type.name(),
                            type.maker() + ", " + through + ", " + (held > 0 ? held + " in the kit" : "not in the kit"),
                            List.of(),
                            new LensRequest.AddLens(type.ref())));
                });
            }
        }
        return all;
    }

    static Prepared drop(RigAnalysis analysis, LensId lens) {
        return new Prepared(
                "Lens " + require(analysis.build(), lens).title() + " out of the set",
                List.of(Scoped.base(new Command.Unequip(lens))));
    }

    static Prepared rename(RigAnalysis analysis, LensId lens, String title) {
        LensChoice old = require(analysis.build(), lens);
        return new Prepared(
                "Lens " + old.title() + " is called " + title.strip(),
                List.of(Scoped.base(new Command.Equip(
                        new LensChoice(lens, title.strip(), old.overlay()),
                        analysis.build().lenses().indexOf(old)))));
    }

    static Prepared move(RigAnalysis analysis, LensId lens, int to) {
        LensChoice old = require(analysis.build(), lens);
        return new Prepared(
                "Lens " + old.title() + " to place " + (to + 1) + " of the set",
                List.of(Scoped.base(new Command.Equip(old, to))));
    }

    private static LensChoice require(Build build, LensId lens) {
        return build.lens(lens).orElseThrow(() -> new EditRefused("There is no lens '" + lens + "' on this build."));
    }

    private static LensId freeId(Build build, String stem) {
        String id = Require.slug(stem, 40);
        return LensId.of(FreeId.of(
                id.isEmpty() ? "lens" : id,
                taken -> build.lens(LensId.of(taken)).isPresent()));
    }
}
