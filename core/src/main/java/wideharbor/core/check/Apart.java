package wideharbor.core.check;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import wideharbor.core.build.Command;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/**
 * Tells remedies of the same words apart: by the ports, the outlets, the makers, the revisions and the settings in
 * which they differ. Those that differ in none are one.
 */
final class Apart {
    private final Rig rig;
    private final Catalogue catalogue;

    Apart(Rig rig, Catalogue catalogue) {
        this.rig = rig;
        this.catalogue = catalogue;
    }

    /** The remedies in their order, each with words that no other has. */
    List<Remedies.Fix> told(List<Remedies.Fix> fixes) {
        List<Remedies.Fix> different = fixes.stream().distinct().toList();
        Map<String, List<Remedies.Fix>> byTitle = new LinkedHashMap<>();
        different.forEach(
                f -> byTitle.computeIfAbsent(f.title(), t -> new ArrayList<>()).add(f));
        Map<Remedies.Fix, String> titles = new LinkedHashMap<>();
        byTitle.values().forEach(same -> titles.putAll(titles(same)));
        return different.stream()
                .flatMap(f -> Optional.ofNullable(titles.get(f)).map(f::titled).stream())
                .toList();
    }

    private Map<Remedies.Fix, String> titles(List<Remedies.Fix> same) {
        if (same.size() == 1) {
            return Map.of(same.get(0), same.get(0).title());
        }
        List<Set<String>> traits = same.stream().map(this::traits).toList();
        Set<String> common = new LinkedHashSet<>(traits.get(0));
        traits.forEach(common::retainAll);
        Map<Remedies.Fix, String> titles = new LinkedHashMap<>();
        Set<Set<String>> seen = new LinkedHashSet<>();
        for (int i = 0; i < same.size(); i++) {
            Set<String> own = new LinkedHashSet<>(traits.get(i));
            own.removeAll(common);
            if (seen.add(own)) {
                String title = same.get(i).title();
                titles.put(same.get(i), own.isEmpty() ? title : title + ": " + String.join(", ", own));
            }
        }
        return titles;
    }

    private Set<String> traits(Remedies.Fix fix) {
        Set<String> all = new LinkedHashSet<>();
        fix.commands().stream().map(Scoped::command).flatMap(this::traits).forEach(all::add);
        return all;
    }

    private Stream<String> traits(Command command) {
        if (command instanceof Command.Place place) {
            return part(place.type());
        }
        if (command instanceof Command.Retype retype) {
            return part(retype.type());
        }
        if (command instanceof Command.RetypeCable retype) {
            return part(retype.type());
        }
        if (command instanceof Command.Join join) {
            return Stream.of(join.joint().parent(), join.joint().child()).flatMap(this::port);
        }
        if (command instanceof Command.Connect plug) {
            return Stream.concat(
                    Stream.of(plug.cable().a(), plug.cable().b()).flatMap(this::socket),
                    part(plug.cable().type()));
        }
        if (command instanceof Command.Set set) {
            return Stream.of("to " + Words.one(set.value()));
        }
        return Stream.empty();
    }

    private Stream<String> part(TypeRef ref) {
        ItemType type = catalogue.require(ref);
        return Stream.of(type.name(), "from " + type.maker(), "revision " + ref.revision());
    }

    private Stream<String> port(PortRef ref) {
        return rig.find(ref.placement()).stream()
                .flatMap(p -> p.type().port(ref.port()).stream().map(port -> at(p, port.title())));
    }

    private Stream<String> socket(SocketRef ref) {
        return rig.find(ref.placement()).stream()
                .flatMap(p -> p.type().socket(ref.socket()).stream().map(socket -> at(p, socket.title())));
    }

    private static String at(Placed part, String what) {
        return what + " of " + part.title();
    }
}
