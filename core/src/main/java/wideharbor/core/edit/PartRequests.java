package wideharbor.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Command;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.Switches;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Socket;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.quantity.Words;

/** Requests about parts and settings, with what the journal says of them. */
final class PartRequests {
    /** So many of several parts are named in the journal. */
    private static final int MOST_NAMED = 4;

    private PartRequests() {}

    static Prepared set(RigAnalysis analysis, FigureRequest.Set request) {
        SettingKey key = request.key();
        return new Prepared(
                "Set " + analysis.rig().title(key.placement()) + ", " + said(analysis, key, request.value()),
                PartEdits.set(analysis, key, request.value(), false));
    }

    static Prepared feel(RigAnalysis analysis, FigureRequest.Feel request) {
        SettingKey key = request.key();
        return new Prepared(
                analysis.rig().title(key.placement()) + (request.byFeel() ? " is set by feel" : " is set as measured"),
                PartEdits.set(analysis, key, analysis.rig().content().value(key), request.byFeel()));
    }

    private static String said(RigAnalysis analysis, SettingKey key, double value) {
        Optional<Socket> socket =
                analysis.rig().find(key.placement()).flatMap(p -> p.type().socket(key.port()));
        if (socket.isEmpty()) {
            return analysis.rig().motion(key).map(m -> m.freedom().title()).orElse("height") + " " + Words.one(value);
        }
        String set = switch (key.freedom()) {
            case Switches.LOOK -> "look " + (value > 0.5 ? "on" : "off");
            case Switches.SAFETY -> "safety track " + (value > 0 ? Math.round(value) + " dB lower" : "off");
            default -> "picture turned by " + Math.round(value * 90) + "°";
        };
        return socket.get().title() + ": " + set;
    }

    static Prepared remove(RigAnalysis analysis, PartRequest.Remove request) {
        List<String> titles =
                request.placements().stream().map(p -> analysis.rig().title(p)).toList();
        boolean one = titles.size() == 1;
        return new Prepared(
                "Take off " + (one ? "" : titles.size() + " parts: ")
                        + titles.stream().limit(MOST_NAMED).collect(Collectors.joining(", "))
                        + (titles.size() > MOST_NAMED ? " and " + (titles.size() - MOST_NAMED) + " more" : "")
                        + (request.withDependants() ? " with what hangs on " + (one ? "it" : "them") : "")
                        + (request.reason().isBlank()
                                ? ""
                                : ": " + request.reason().strip()),
                PartEdits.remove(analysis, request.placements(), request.withDependants()));
    }

    static Prepared add(RigAnalysis analysis, PartRequest.Add request) {
        ItemType type = item(analysis, request.item());
        boolean mates = analysis.rig()
                .find(request.port().placement())
                .flatMap(p -> p.type().port(request.port().port()))
                .flatMap(p -> type.port(request.itemPort()).map(c -> Mating.mates(p, c, analysis.standards())))
                .orElse(true);
        List<Scoped> added = mates
                ? PartEdits.add(analysis, request.port(), type, request.itemPort())
                : PartEdits.addThrough(analysis, request.port(), type, request.itemPort());
        boolean carries = !analysis.rig().isSupported()
                && type.facet(SupportFacet.Support.class).isPresent();
        return carries ? carrying(analysis, type, added) : new Prepared("Add " + type.name(), added);
    }

    /**
     * The first part that carries is what the configuration is carried by. Where there are several configurations it
     * goes into this one alone: another is worn in another way.
     */
    private static Prepared carrying(RigAnalysis analysis, ItemType type, List<Scoped> added) {
        Configuration here = analysis.rig().configuration();
        List<Scoped> edit = new ArrayList<>(
                analysis.build().configurations().size() > 1 ? ConfigurationEdits.hereOnly(added, here.id()) : added);
        added.stream()
                .map(Scoped::command)
                .filter(c -> c instanceof Command.Place p && p.type().equals(type.ref()))
                .map(c -> ((Command.Place) c).placement())
                .reduce((first, last) -> last)
                .ifPresent(id -> edit.add(Scoped.base(new Command.Configure(here.carriedBy(id)))));
        return new Prepared("Add " + type.name() + ", which carries " + here.title(), edit);
    }

    static Prepared exchange(RigAnalysis analysis, PartRequest.Exchanged request) {
        if (analysis.rig().find(request.placement()).isEmpty()) {
            throw new EditRefused(analysis.rig().title(request.placement()) + " is not on the rig.");
        }
        Exchange made = Exchange.of(analysis, request.placement(), item(analysis, request.item()));
        return new Prepared(Exchange.said(analysis, request.placement(), made), made.edit());
    }

    static ItemType item(RigAnalysis analysis, TypeRef ref) {
        return analysis.catalogue()
                .find(ref)
                .orElseThrow(() -> new EditRefused("The catalogue has no item " + ref + "."));
    }

    static Prepared comeBack(RigAnalysis analysis, List<Snapshots.Mark> marks) {
        List<Scoped> back = Snapshots.comeBack(analysis, marks);
        if (back.isEmpty()) {
            throw new EditRefused("Every number is as it was left; nothing was changed.");
        }
        return new Prepared("Back as it was left, " + back.size() + (back.size() == 1 ? " number" : " numbers"), back);
    }
}
