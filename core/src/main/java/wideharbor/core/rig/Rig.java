package wideharbor.core.rig;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.build.Conflict;
import wideharbor.core.build.Content;
import wideharbor.core.build.EditRefused;
import wideharbor.core.build.Joint;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.SettingKey;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.OpticalFacet;
import wideharbor.core.catalog.Port;
import wideharbor.core.catalog.SupportFacet;
import wideharbor.core.geometry.Pose;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.memo.Lazy;
import wideharbor.core.memo.Memo;
import wideharbor.core.quantity.Span;

/** A build in one configuration with one lens: everything that follows from it, derived once and immutable. */
public final class Rig {
    private final Build build;
    private final Configuration configuration;
    private final LensId lens;
    private final Content content;
    private final Catalogue catalogue;
    private final Map<PlacementId, Placed> attached;
    private final Map<PlacementId, Joint> locatedBy;
    private final Map<PlacementId, List<Joint>> carries;
    private final List<Motion> motions;
    private final List<Detached> detached;
    private final List<Closing> closings;
    private final List<Joint> liveJoints;
    private final List<Joint> locatingJoints;
    private final World world;
    private final boolean supported;
    private final List<Conflict> conflicts;
    private final Memo<PlacementId, Set<PlacementId>> subtrees = new Memo<>();
    private final Lazy<Set<PlacementId>> carried = new Lazy<>();

    private Rig(Build build, Configuration configuration, LensId lens, Build.Resolved resolved, Catalogue catalogue) {
        Content content = resolved.content();
        this.conflicts = resolved.conflicts();
        this.build = build;
        this.configuration = configuration;
        this.lens = lens;
        this.content = content;
        this.catalogue = catalogue;
        this.locatedBy = new LinkedHashMap<>();
        this.carries = new LinkedHashMap<>();
        List<Joint> closingJoints = new ArrayList<>();
        for (Joint joint : content.joints()) {
            if (joint.kind() == Joint.Kind.CLOSING) {
                closingJoints.add(joint);
            } else {
                locatedBy.put(joint.child().placement(), joint);
                carries.computeIfAbsent(joint.parent().placement(), k -> new ArrayList<>())
                        .add(joint);
            }
        }
        List<Motion> moves = new ArrayList<>();
        this.attached = Collections.unmodifiableMap(new Placing(content, catalogue, carries, moves).place());
        this.motions = List.copyOf(moves);
        this.detached = findDetached();
        this.liveJoints = content.joints().stream()
                .filter(j -> attached.containsKey(j.parent().placement())
                        && attached.containsKey(j.child().placement()))
                .toList();
        this.locatingJoints =
                liveJoints.stream().filter(j -> j.kind() == Joint.Kind.LOCATING).toList();
        this.closings = closingJoints.stream().flatMap(j -> close(j).stream()).toList();
        Optional<Pose> datum = datum();
        this.supported = datum.isPresent();
        World standing = datum.map(World::of).orElseGet(World::unsupported);
        this.world =
                leansFreely() ? standing.leaning(configuration.rollDegrees(), configuration.tiltDegrees()) : standing;
    }

    /** Whether nothing physical says how it leans: on a shoulder, or in the hands, whoever holds it does. */
    public boolean leansFreely() {
        return !supported
                || supportFacet()
                        .filter(f -> f.way() == SupportFacet.Support.Way.SHOULDER)
                        .isPresent();
    }

    /**
     * The only way from a build to something that can be computed with. An empty or unknown lens id means no lens.
     *
     * @throws EditRefused when there is no such configuration
     */
    public static Rig resolve(Build build, ConfigurationId configuration, LensId lens, Catalogue catalogue) {
        Build.Resolved resolved = build.resolve(configuration, lens, catalogue);
        return new Rig(build, build.configuration(configuration).orElseThrow(), lens, resolved, catalogue);
    }

    private List<Detached> findDetached() {
        List<Detached> loose = new ArrayList<>();
        content.placements().forEach(p -> {
            if (!attached.containsKey(p.id()) && !content.isRemoved(p.id())) {
                loose.add(Detached.of(p.id(), title(p.id()), locatedBy, content));
            }
        });
        return List.copyOf(loose);
    }

    private Optional<Closing> close(Joint joint) {
        Placed parent = attached.get(joint.parent().placement());
        Placed child = attached.get(joint.child().placement());
        if (parent == null || child == null) {
            return Optional.empty();
        }
        return Optional.of(Closings.measure(joint, parent, child, content));
    }

    private Optional<Pose> datum() {
        Placed support = attached.get(configuration.support());
        if (support == null) {
            return Optional.empty();
        }
        return support.type().facet(SupportFacet.Support.class).map(f -> support.portPose(f.datumPort()));
    }

    public Build build() {
        return build;
    }

    public Configuration configuration() {
        return configuration;
    }

    public LensId lens() {
        return lens;
    }

    public Content content() {
        return content;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /** Parts that hang on the rig, parents before children. */
    public Collection<Placed> attached() {
        return attached.values();
    }

    public Optional<Placed> find(PlacementId placement) {
        return Optional.ofNullable(attached.get(placement));
    }

    public Placed require(PlacementId placement) {
        return find(placement)
                .orElseThrow(() -> new IllegalArgumentException("Placement '" + placement + "' is not on the rig"));
    }

    /** The lens that is on the rig; empty where none is. */
    public Optional<Placed> fittedLens() {
        return attached.values().stream()
                .filter(p -> p.type().facet(OpticalFacet.Lens.class).isPresent())
                .findFirst();
    }

    public List<Detached> detached() {
        return detached;
    }

    public List<Closing> closings() {
        return closings;
    }

    public List<Motion> motions() {
        return motions;
    }

    public Optional<Motion> motion(SettingKey key) {
        return motions.stream().filter(m -> m.key().equals(key)).findFirst();
    }

    public World world() {
        return world;
    }

    /** What of the overlays is at odds with what they lie on. */
    public List<Conflict> conflicts() {
        return conflicts;
    }

    /** Whether the configuration's support is on the rig and says where it carries. */
    public boolean isSupported() {
        return supported;
    }

    public Optional<Joint> locatedBy(PlacementId placement) {
        return Optional.ofNullable(locatedBy.get(placement));
    }

    /** Joints that hang a part on this one. */
    public List<Joint> carriedBy(PlacementId placement) {
        return Collections.unmodifiableList(carries.getOrDefault(placement, List.of()));
    }

    /** Joints whose two parts both hang on the rig, locating ones first found first. */
    public List<Joint> liveJoints() {
        return liveJoints;
    }

    /** The live joints that give a part its pose and bear its weight. */
    public List<Joint> locatingJoints() {
        return locatingJoints;
    }

    public String title(PlacementId placement) {
        return content.placement(placement)
                .map(p -> p.label().isEmpty() ? catalogue.require(p.type()).name() : p.label())
                .orElseGet(placement::toString);
    }

    public Port port(PortRef ref) {
        return require(ref.placement()).port(ref.port());
    }

    /** Whether something may still go on a port: a carrier always, a single port while it holds nothing. */
    public boolean isFree(PortRef ref) {
        return port(ref).occupancy() instanceof Port.Occupancy.Interval
                || liveJoints.stream()
                        .noneMatch(j -> j.parent().equals(ref) || j.child().equals(ref));
    }

    /** How two faces of parts on this rig would meet, were they joined by this. */
    public Closing closing(Joint joint) {
        return Closings.measure(
                joint,
                require(joint.parent().placement()),
                require(joint.child().placement()),
                content);
    }

    /** A part and everything that hangs on it. */
    public Set<PlacementId> subtree(PlacementId placement) {
        return subtrees.get(placement, this::findSubtree);
    }

    private Set<PlacementId> findSubtree(PlacementId placement) {
        Set<PlacementId> all = new LinkedHashSet<>();
        Deque<PlacementId> open = new ArrayDeque<>(List.of(placement));
        while (!open.isEmpty()) {
            PlacementId at = open.poll();
            if (attached.containsKey(at) && all.add(at)) {
                carriedBy(at).forEach(j -> open.add(j.child().placement()));
            }
        }
        return Collections.unmodifiableSet(all);
    }

    /** Joints from a part up to the root, nearest first. */
    public List<Joint> pathToRoot(PlacementId placement) {
        List<Joint> path = new ArrayList<>();
        Joint joint = locatedBy.get(placement);
        while (joint != null) {
            path.add(joint);
            joint = locatedBy.get(joint.parent().placement());
        }
        return path;
    }

    /** What the support carries: every part on the body's side of it. Without a support, everything. */
    public Set<PlacementId> carried() {
        return carried.get(this::findCarried);
    }

    private Set<PlacementId> findCarried() {
        Set<PlacementId> all = new LinkedHashSet<>(attached.keySet());
        supportFacet().ifPresent(facet -> all.removeAll(beyondDatum(facet)));
        return Collections.unmodifiableSet(all);
    }

    /** Legs, ground, wearer, hand: what hangs on links of the support that do not turn with the rig, and those. */
    private Set<PlacementId> beyondDatum(SupportFacet.Support facet) {
        Placed support = require(configuration.support());
        Set<PlacementId> beyond = new LinkedHashSet<>();
        if (support.type().links().stream().noneMatch(l -> facet.turnsWithRig(l.id()))) {
            beyond.add(support.id());
        }
        for (Joint joint : carriedBy(support.id())) {
            if (!facet.turnsWithRig(support.port(joint.parent().port()).link())) {
                beyond.addAll(subtree(joint.child().placement()));
            }
        }
        return beyond;
    }

    private Optional<SupportFacet.Support> supportFacet() {
        return supported ? require(configuration.support()).type().facet(SupportFacet.Support.class) : Optional.empty();
    }

    /** Whether a link of a part turns with the rig on the support's datum. */
    public boolean isCarried(Placed part, String link) {
        return carried().contains(part.id())
                && (!part.id().equals(configuration.support())
                        || supportFacet().map(f -> f.turnsWithRig(link)).orElse(true));
    }

    /** What a joint bears: the parts on the side of it away from the active support. */
    public Set<PlacementId> loadOn(Joint joint) {
        Set<PlacementId> childSide = subtree(joint.child().placement());
        if (!supported || !childSide.contains(configuration.support())) {
            return childSide;
        }
        Set<PlacementId> other = new LinkedHashSet<>(attached.keySet());
        other.removeAll(childSide);
        return other;
    }

    /** The stretch of a carrier port that a joint holds; empty when neither port is a carrier. */
    public Optional<HeldStretch> held(Joint joint) {
        Placed parent = attached.get(joint.parent().placement());
        Placed child = attached.get(joint.child().placement());
        if (parent == null || child == null || joint.kind() == Joint.Kind.CLOSING) {
            return Optional.empty();
        }
        Port on = parent.port(joint.parent().port());
        Port own = child.port(joint.child().port());
        if (!JointMotions.isInterval(on) && !JointMotions.isInterval(own)) {
            return Optional.empty();
        }
        double value = content.value(new SettingKey(child.id(), own.id(), 0));
        PortRef carrier = JointMotions.isInterval(on) ? joint.parent() : joint.child();
        PortRef clamp = JointMotions.isInterval(on) ? joint.child() : joint.parent();
        return Optional.of(new HeldStretch(joint, carrier, clamp, JointMotions.held(on, own, value)));
    }

    /** A clamp's stretch on a carrier, in the carrier's own coordinate. */
    public record HeldStretch(Joint joint, PortRef carrier, PortRef clamp, Span span) {}
}
