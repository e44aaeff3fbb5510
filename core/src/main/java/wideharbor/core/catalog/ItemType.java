package wideharbor.core.catalog;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import wideharbor.core.quantity.Require;

/**
 * A catalogue part, one revision of it: links, ports, sockets, facets, and what it wants of other parts. The first link
 * is the one others hang on.
 */
@RecordBuilder
@RecordBuilder.Options(useImmutableCollections = true)
public record ItemType(
        TypeRef ref,
        String maker,
        String name,
        Category category,
        Set<Capability> capabilities,
        List<Link> links,
        List<InternalJoint> internalJoints,
        List<Port> ports,
        List<Socket> sockets,
        List<Facet> facets,
        List<Relation> relations) {

    public ItemType {
        Require.text("Maker", maker, 60);
        Require.text("Name", name, 80);
        capabilities = java.util.Collections.unmodifiableSet(new TreeSet<>(capabilities));
        links = List.copyOf(links);
        internalJoints = List.copyOf(internalJoints);
        ports = List.copyOf(ports);
        sockets = List.copyOf(sockets);
        facets = List.copyOf(facets);
        relations = List.copyOf(relations);
        if (links.isEmpty()) {
            throw new IllegalArgumentException("Item type " + ref + " must have at least one link");
        }
        Set<String> linkIds = unique(ref, "link", links, Link::id);
        Set<String> portIds = unique(ref, "port", ports, Port::id);
        Set<String> socketIds = unique(ref, "socket", sockets, Socket::id);
        for (Port port : ports) {
            known(ref, "port " + port.id() + " names the link", port.link(), linkIds);
        }
        for (InternalJoint joint : internalJoints) {
            known(ref, "internal joint " + joint.id() + " names the link", joint.parentLink(), linkIds);
            known(ref, "internal joint " + joint.id() + " names the link", joint.childLink(), linkIds);
            if (portIds.contains(joint.id())) {
                throw new IllegalArgumentException(
                        "Item type " + ref + ": internal joint and port share the id '" + joint.id() + "'");
            }
        }
        for (Facet facet : facets) {
            checkNames(ref, facet, portIds, socketIds);
            facet.links().forEach(l -> known(ref, "its " + named(facet) + " names the link", l, linkIds));
        }
        requireTree(ref, links, internalJoints);
    }

    // A type is a key in many maps: hashing all its shapes each time cost more than the checks that asked.
    @Override
    public int hashCode() {
        return ref.hashCode();
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof ItemType o
                        && ref.equals(o.ref)
                        && maker.equals(o.maker)
                        && name.equals(o.name)
                        && category == o.category
                        && capabilities.equals(o.capabilities)
                        && links.equals(o.links)
                        && internalJoints.equals(o.internalJoints)
                        && ports.equals(o.ports)
                        && sockets.equals(o.sockets)
                        && facets.equals(o.facets)
                        && relations.equals(o.relations);
    }

    /** Facets of one kind, in the order of the file. */
    public <F extends Facet> List<F> facets(Class<F> kind) {
        List<F> all = new ArrayList<>();
        for (Facet facet : facets) {
            if (kind.isInstance(facet)) {
                all.add(kind.cast(facet));
            }
        }
        return all;
    }

    public <F extends Facet> Optional<F> facet(Class<F> kind) {
        for (Facet facet : facets) {
            if (kind.isInstance(facet)) {
                return Optional.of(kind.cast(facet));
            }
        }
        return Optional.empty();
    }

    /** What it wants of others, of one kind. */
    public List<Relation> relations(Relation.Kind kind) {
        return relations.stream().filter(r -> r.kind() == kind).toList();
    }

    public Optional<Port> port(String id) {
        for (Port port : ports) {
            if (port.id().equals(id)) {
                return Optional.of(port);
            }
        }
        return Optional.empty();
    }

    public Optional<Socket> socket(String id) {
        for (Socket socket : sockets) {
            if (socket.id().equals(id)) {
                return Optional.of(socket);
            }
        }
        return Optional.empty();
    }

    /** Whether a socket is in the face of a port: joining the port plugs it, and no cable goes into it. */
    public boolean isContact(String socket) {
        return facets(Contacts.class).stream().anyMatch(c -> c.sockets().contains(socket));
    }

    public Optional<InternalJoint> internalJoint(String id) {
        return internalJoints.stream().filter(j -> j.id().equals(id)).findFirst();
    }

    /** Whether a hinge inside it is worked in the shot, and so is no setting. */
    public boolean isWorked(InternalJoint hinge) {
        return facet(SupportFacet.Support.class).filter(s -> s.works(hinge)).isPresent();
    }

    public boolean can(Capability capability) {
        return capabilities.contains(capability);
    }

    private static <T> Set<String> unique(TypeRef ref, String what, List<T> all, Function<T, String> id) {
        Set<String> seen = new HashSet<>();
        for (T one : all) {
            if (!seen.add(id.apply(one))) {
                throw new IllegalArgumentException(
                        "Item type " + ref + " has two of " + what + " '" + id.apply(one) + "'");
            }
        }
        return seen;
    }

    private static void known(TypeRef ref, String names, String id, Set<String> ids) {
        if (!ids.contains(id)) {
            throw new IllegalArgumentException(
                    "Item type " + ref + ": " + names + " '" + id + "', which it does not have");
        }
    }

    private static void checkNames(TypeRef ref, Facet facet, Set<String> ports, Set<String> sockets) {
        String who = "its " + named(facet);
        facet.ports().forEach(p -> known(ref, who + " names the port", p, ports));
        facet.sockets().forEach(x -> known(ref, who + " names the socket", x, sockets));
    }

    private static String named(Facet facet) {
        return facet.getClass().getSimpleName().toLowerCase(java.util.Locale.ROOT) + " facet";
    }

    /** Links hang on the first one through internal joints, each on exactly one, without a circle. */
    private static void requireTree(TypeRef ref, List<Link> links, List<InternalJoint> joints) {
        Map<String, String> parents = new HashMap<>();
        for (InternalJoint joint : joints) {
            if (parents.put(joint.childLink(), joint.parentLink()) != null) {
                throw new IllegalArgumentException(
                        "Item type " + ref + ": link '" + joint.childLink() + "' hangs on two internal joints");
            }
        }
        String root = links.get(0).id();
        for (Link link : links) {
            String at = link.id();
            for (int i = 0; i <= links.size() && !at.equals(root); i++) {
                String up = parents.get(at);
                if (up == null || i == links.size()) {
                    throw new IllegalArgumentException("Item type " + ref + ": link '" + link.id()
                            + "' is not joined to the first link '" + root + "'");
                }
                at = up;
            }
        }
    }
}
