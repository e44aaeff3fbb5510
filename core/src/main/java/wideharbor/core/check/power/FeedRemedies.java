package wideharbor.core.check.power;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.Socket;
import wideharbor.core.edit.Candidate;
import wideharbor.core.edit.Parts;
import wideharbor.core.edit.Placing;
import wideharbor.core.edit.Wiring;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.power.FeedTree;
import wideharbor.core.rig.Placed;

/** Remedies that put a part into a feed: between an outlet and what it feeds. */
final class FeedRemedies {
    private static final int MOST_PLACES = 3;
    private static final int MOST_TOUCHING = 12;

    private FeedRemedies() {}

    /**
     * An input in the face of a port is fed by what is joined there: batteries and what gives power, the nearest first.
     */
    static List<Candidate> touching(RigAnalysis analysis, Placed device) {
        List<Candidate> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            boolean gives = type.facet(PowerFacet.Battery.class).isPresent()
                    || type.facets(PowerFacet.PowerOutput.class).stream().anyMatch(o -> type.isContact(o.socket()));
            if (gives && all.size() < MOST_TOUCHING) {
                Placing.near(analysis, device.id(), type, MOST_PLACES)
                        .forEach(p -> all.add(
                                new Candidate("contacts", type.name() + " on " + device.title(), p.commands())));
            }
        }
        return all;
    }

    /** What goes between, near which part, and at how many places it is tried. */
    private record Goes(ItemType type, PlacementId near, int most) {}

    /** One of the part's outputs, and the input on the rig that it is to feed. */
    private record Fed(PowerFacet.PowerOutput by, SocketRef input) {}

    /** No outlet is free: a part with several goes between one that is taken and what it feeds, and feeds both. */
    static List<Candidate> shared(RigAnalysis analysis, Placed device, SocketRef ref) {
        List<Candidate> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            List<PowerFacet.PowerOutput> outs = type.facets(PowerFacet.PowerOutput.class);
            for (FeedTree.Outlet outlet : outs.size() < 2
                    ? List.<FeedTree.Outlet>of()
                    : analysis.feeds().outlets()) {
                outlet.link().filter(l -> l.lead().isPresent()).ifPresent(old -> {
                    SocketRef fed = new SocketRef(old.device().id(), old.input().socket());
                    between(
                                    analysis,
                                    outlet,
                                    new Goes(type, outlet.placed().id(), 1),
                                    List.of(new Fed(outs.get(0), fed), new Fed(outs.get(1), ref)))
                            .forEach(p -> all.add(new Candidate(
                                    "breakout",
                                    type.name() + " for " + old.device().title() + " and " + device.title(),
                                    p.commands())));
                });
            }
        }
        return all;
    }

    /** A part that takes what there is and gives what the device wants. */
    static List<Candidate> regulated(RigAnalysis analysis, Placed device, SocketRef ref, FeedTree.Outlet outlet) {
        PowerFacet.PowerInput wants = outlet.link().orElseThrow().input();
        List<Candidate> all = new ArrayList<>();
        for (ItemType type : Parts.byNearness(analysis)) {
            for (PowerFacet.PowerOutput out : type.facets(PowerFacet.PowerOutput.class)) {
                if (out.regulatedVolts() >= wants.minVolts() && out.regulatedVolts() <= wants.maxVolts()) {
                    between(analysis, outlet, new Goes(type, device.id(), MOST_PLACES), List.of(new Fed(out, ref)))
                            .forEach(p -> all.add(new Candidate(
                                    "regulator",
                                    type.name() + " before " + device.title() + ", on "
                                            + analysis.rig().title(p.on()),
                                    p.commands())));
                }
            }
        }
        return all;
    }

    /**
     * The outlet's cable is unplugged; another leads to the part, and from it one to each input. Bodies go in no feed.
     */
    private static List<Placing> between(RigAnalysis analysis, FeedTree.Outlet outlet, Goes goes, List<Fed> fed) {
        ItemType type = goes.type();
        Optional<Socket> in = type.facet(PowerFacet.PowerInput.class).flatMap(i -> type.socket(i.socket()));
        Optional<ItemType> first = in.flatMap(i -> Wiring.cable(analysis, Wiring.socket(analysis, outlet.ref()), i));
        List<Optional<ItemType>> others = fed.stream()
                .map(f -> Wiring.cable(
                        analysis, type.socket(f.by().socket()).orElseThrow(), Wiring.socket(analysis, f.input())))
                .toList();
        Optional<CableRun> now = outlet.link().flatMap(FeedTree.Link::cable);
        if (type.category() == Category.BODY
                || now.isEmpty()
                || first.isEmpty()
                || others.stream().anyMatch(Optional::isEmpty)) {
            return List.of();
        }
        CableId old = now.get().id();
        List<Placing> all = new ArrayList<>();
        for (Placing placing : Placing.near(analysis, goes.near(), type, goes.most())) {
            Placing done = placing.with(List.of(new Scoped(analysis.scopeOfCable(old), new Command.Disconnect(old))))
                    .with(Wiring.lay(
                            analysis,
                            placing.scope(),
                            new Wiring.Run(
                                    first.get(),
                                    outlet.ref(),
                                    new SocketRef(placing.id(), in.orElseThrow().id())),
                            placing.taken()));
            for (int i = 0; i < fed.size(); i++) {
                SocketRef from = new SocketRef(placing.id(), fed.get(i).by().socket());
                done = done.with(Wiring.lay(
                        analysis,
                        placing.scope(),
                        new Wiring.Run(
                                others.get(i).orElseThrow(), from, fed.get(i).input()),
                        placing.taken()));
            }
            all.add(done);
        }
        return all;
    }
}
