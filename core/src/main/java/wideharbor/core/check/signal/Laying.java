package wideharbor.core.check.signal;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Check.Candidate;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Placing;
import wideharbor.core.check.Wiring;

/** Remedies that bring a signal to an input that nothing reaches. */
public final class Laying {
    private static final int MOST = 8;
    private static final int MOST_PLACES = 2;

    private Laying() {}

    /** From every free output that carries this: a cable of the right ends, or a converter between two. */
    static List<Candidate> to(CheckContext context, SocketRef input, Carried carried) {
        List<Candidate> all = new ArrayList<>();
        List<SocketRef> open = context.signals().outputs(carried).stream()
                .filter(o -> !Wiring.isTaken(context, o))
                .toList();
        Socket to = Wiring.socket(context, input);
        for (SocketRef output : open) {
            Wiring.cable(context, Wiring.socket(context, output), to)
                    .ifPresent(t -> all.add(lay(context, t, output, input)));
        }
        for (ItemType type : context.catalogue().current()) {
            for (SignalFacet.Passage passage : converts(type, carried)) {
                open.forEach(o -> all.addAll(convert(context, o, input, type, passage)));
            }
        }
        return all.stream().limit(MOST).toList();
    }

    private static Candidate lay(CheckContext context, ItemType type, SocketRef from, SocketRef to) {
        List<Scoped> edit = Wiring.lay(context, context.scopeOf(to.placement()), type, from, to, new TreeSet<>());
        return new Candidate("cable", type.name() + ", " + ends(context, from, to), edit);
    }

    private static String ends(CheckContext context, SocketRef from, SocketRef to) {
        return context.rig().title(from.placement()) + " "
                + Wiring.socket(context, from).title() + " to " + context.rig().title(to.placement());
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

    private static List<Candidate> convert(
            CheckContext context, SocketRef from, SocketRef to, ItemType type, SignalFacet.Passage passage) {
        Optional<ItemType> first = Wiring.cable(
                context,
                Wiring.socket(context, from),
                type.socket(passage.from()).orElseThrow());
        Optional<ItemType> second =
                Wiring.cable(context, type.socket(passage.to()).orElseThrow(), Wiring.socket(context, to));
        if (first.isEmpty() || second.isEmpty()) {
            return List.of();
        }
        List<Candidate> all = new ArrayList<>();
        for (Placing placing : Wiring.fed(context, to.placement(), type, MOST_PLACES)) {
            SocketRef in = new SocketRef(placing.id(), passage.from());
            SocketRef out = new SocketRef(placing.id(), passage.to());
            Placing cabled = placing.with(Wiring.lay(context, placing.scope(), first.get(), from, in, placing.taken()))
                    .with(Wiring.lay(context, placing.scope(), second.get(), out, to, placing.taken()));
            all.add(new Candidate(
                    "converter",
                    type.name() + " on " + context.rig().title(placing.on()) + ", " + ends(context, from, to),
                    cabled.commands()));
        }
        return all;
    }

    /** A transmitter put on the rig, fed, with the picture of a free output. */
    public static List<Candidate> transmitter(CheckContext context) {
        List<Candidate> all = new ArrayList<>();
        List<SocketRef> open = context.signals().outputs(Carried.PICTURE).stream()
                .filter(o -> !Wiring.isTaken(context, o))
                .toList();
        for (ItemType type : context.catalogue().current()) {
            for (SignalFacet.Radio radio : type.facets(SignalFacet.Radio.class)) {
                if (radio.sends() && radio.carried() == Carried.PICTURE) {
                    open.forEach(o -> all.addAll(send(context, o, type, radio)));
                }
            }
        }
        return all.stream().limit(MOST).toList();
    }

    private static List<Candidate> send(CheckContext context, SocketRef from, ItemType type, SignalFacet.Radio radio) {
        Optional<ItemType> wire = Wiring.cable(
                context,
                Wiring.socket(context, from),
                type.socket(radio.socket()).orElseThrow());
        if (wire.isEmpty()) {
            return List.of();
        }
        return Wiring.fed(context, from.placement(), type, MOST_PLACES).stream()
                .map(p -> new Candidate(
                        "transmitter",
                        type.name() + " on " + context.rig().title(p.on()) + ", fed by "
                                + Wiring.socket(context, from).title(),
                        p.with(Wiring.lay(
                                        context,
                                        p.scope(),
                                        wire.get(),
                                        from,
                                        new SocketRef(p.id(), radio.socket()),
                                        p.taken()))
                                .commands()))
                .toList();
    }
}
