package wideharbor.core.check.signal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.Command;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Facet;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.SignalFacet.Carried;
import wideharbor.core.catalog.Socket;
import wideharbor.core.check.Check.Candidate;
import wideharbor.core.check.CheckContext;
import wideharbor.core.check.Parts;

/** Remedies that lay a cable from a free output to an input that nothing reaches. */
final class Laying {
    private static final int MOST = 6;

    private Laying() {}

    /** From every free output that carries this, by the shortest cable of the right ends, from the kit first. */
    static List<Candidate> to(CheckContext context, SocketRef input, Carried carried) {
        List<Candidate> all = new ArrayList<>();
        for (SocketRef output : context.signals().outputs(carried)) {
            if (!isTaken(context, output)) {
                cable(context, output, input).ifPresent(t -> all.add(lay(context, t, output, input)));
            }
        }
        return all.stream().limit(MOST).toList();
    }

    static boolean isTaken(CheckContext context, SocketRef socket) {
        return context.rig().content().cables().stream().anyMatch(c -> c.a().equals(socket) || c.b().equals(socket));
    }

    static Candidate lay(CheckContext context, ItemType type, SocketRef from, SocketRef to) {
        String id = Parts.freeId(context.rig().content(), "k-" + to.placement());
        List<Scoped> edit = new ArrayList<>();
        edit.add(new Scoped(context.scopeOf(to.placement()), new Command.Connect(new CableRun(id, type.ref(), from, to))));
        edit.addAll(Parts.take(context, type.ref(), 1));
        return new Candidate(
                "cable",
                type.name() + ", " + context.rig().title(from.placement()) + " " + socket(context, from).title() + " to "
                        + context.rig().title(to.placement()),
                edit);
    }

    private static Optional<ItemType> cable(CheckContext context, SocketRef from, SocketRef to) {
        Socket a = socket(context, from);
        Socket b = socket(context, to);
        return Parts.byNearness(context).stream()
                .filter(t -> t.facet(Facet.Cable.class).filter(w -> w.joins(a, b)).isPresent())
                .min(Comparator.comparing((ItemType t) -> context.kit().count(t.ref()) > 0 ? 0 : 1)
                        .thenComparingDouble(t -> t.facet(Facet.Cable.class).orElseThrow().lengthMm()));
    }

    static Socket socket(CheckContext context, SocketRef ref) {
        return context.rig().require(ref.placement()).type().socket(ref.socket()).orElseThrow();
    }
}
