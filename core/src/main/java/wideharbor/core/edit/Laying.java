package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;

/** Remedies that bring a signal to an input that nothing reaches. */
public final class Laying {
    private static final int MOST = 8;
    private static final int MOST_PLACES = 2;

    private Laying() {}

    /** From every free output that carries this: a cable of the right ends, or a converter between two. */
    public static List<Candidate> to(RigAnalysis analysis, SocketRef input, Carried carried) {
        List<Candidate> all = new ArrayList<>();
        List<SocketRef> open = analysis.signals().outputs(carried).stream()
                .filter(o -> !Wiring.isTaken(analysis, o))
                .toList();
        for (SocketRef output : open) {
            Wiring.cable(analysis, output, input).ifPresent(t -> all.add(lay(analysis, t, output, input)));
        }
        for (ItemType type : analysis.catalogue().current()) {
            for (SignalFacet.Passage passage : converts(type, carried)) {
                open.forEach(o -> all.addAll(convert(analysis, new Wiring.Run(type, o, input), passage)));
            }
        }
        return all.stream().limit(MOST).toList();
    }

    private static Candidate lay(RigAnalysis analysis, ItemType type, SocketRef from, SocketRef to) {
        List<Scoped> edit =
                Wiring.lay(analysis, analysis.scopeOf(to.placement()), new Wiring.Run(type, from, to), new TreeSet<>());
        return new Candidate("cable", type.name() + ", " + ends(analysis, from, to), edit);
    }

    private static String ends(RigAnalysis analysis, SocketRef from, SocketRef to) {
        return analysis.rig().title(from.placement()) + " "
                + Wiring.socket(analysis, from).title() + " to "
                + analysis.rig().title(to.placement());
    }

    /** What a part that shows nothing itself passes on, from a socket of one plug to one of another. */
    private static List<SignalFacet.Passage> converts(ItemType type, Carried carried) {
        return type.facets(SignalFacet.Passage.class).stream()
                .filter(p -> type.facet(SignalFacet.Display.class).isEmpty()
                        && carries(type, p.from(), carried)
                        && carries(type, p.to(), carried))
                .toList();
    }

    private static boolean carries(ItemType type, String socket, Carried carried) {
        return type.facets(SignalFacet.Signal.class).stream()
                .anyMatch(s -> s.socket().equals(socket) && s.carried() == carried);
    }

    private static List<Candidate> convert(RigAnalysis analysis, Wiring.Run run, SignalFacet.Passage passage) {
        ItemType type = run.type();
        SocketRef from = run.from();
        SocketRef to = run.to();
        Optional<ItemType> first = Wiring.cable(
                analysis,
                Wiring.socket(analysis, from),
                type.socket(passage.from()).orElseThrow());
        Optional<ItemType> second =
                Wiring.cable(analysis, type.socket(passage.to()).orElseThrow(), Wiring.socket(analysis, to));
        if (first.isEmpty() || second.isEmpty()) {
            return List.of();
        }
        List<Candidate> all = new ArrayList<>();
        for (Placing placing : Wiring.fed(analysis, to.placement(), type, MOST_PLACES)) {
            SocketRef in = new SocketRef(placing.id(), passage.from());
            SocketRef out = new SocketRef(placing.id(), passage.to());
            Placing cabled = placing.with(Wiring.lay(
                            analysis, placing.scope(), new Wiring.Run(first.get(), from, in), placing.taken()))
                    .with(Wiring.lay(
                            analysis, placing.scope(), new Wiring.Run(second.get(), out, to), placing.taken()));
            all.add(new Candidate(
                    "converter",
                    type.name() + " on " + analysis.rig().title(placing.on()) + ", " + ends(analysis, from, to),
                    cabled.commands()));
        }
        return all;
    }

    /** A transmitter put on the rig, fed, with the picture of a free output. */
    public static List<Candidate> transmitter(RigAnalysis analysis) {
        List<Candidate> all = new ArrayList<>();
        List<SocketRef> open = analysis.signals().outputs(Carried.PICTURE).stream()
                .filter(o -> !Wiring.isTaken(analysis, o))
                .toList();
        for (ItemType type : analysis.catalogue().current()) {
            for (SignalFacet.Radio radio : type.facets(SignalFacet.Radio.class)) {
                if (radio.sends() && radio.carried() == Carried.PICTURE) {
                    open.forEach(o -> all.addAll(send(analysis, o, type, radio)));
                }
            }
        }
        return all.stream().limit(MOST).toList();
    }

    private static List<Candidate> send(RigAnalysis analysis, SocketRef from, ItemType type, SignalFacet.Radio radio) {
        Optional<ItemType> wire = Wiring.cable(
                analysis,
                Wiring.socket(analysis, from),
                type.socket(radio.socket()).orElseThrow());
        if (wire.isEmpty()) {
            return List.of();
        }
        return Wiring.fed(analysis, from.placement(), type, MOST_PLACES).stream()
                .map(p -> new Candidate(
                        "transmitter",
                        type.name() + " on " + analysis.rig().title(p.on()) + ", fed by "
                                + Wiring.socket(analysis, from).title(),
                        p.with(Wiring.lay(
                                        analysis,
                                        p.scope(),
                                        new Wiring.Run(wire.get(), from, new SocketRef(p.id(), radio.socket())),
                                        p.taken()))
                                .commands()))
                .toList();
    }
}
