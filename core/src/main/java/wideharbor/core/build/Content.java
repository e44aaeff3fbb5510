package wideharbor.core.build;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.id.CableId;
import wideharbor.core.id.Id;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;

/**
 * What a build holds, by stable ids, in the order it was placed. Removed parts stay as tombstones so that joints,
 * settings and cables that name them keep their meaning until they are undone or re-made.
 */
public final class Content {
    static final int MOST_PLACEMENTS = 1000;

    final PlacementId root;
    final Map<PlacementId, Placement> placements;
    final Set<PlacementId> removed;
    final Map<JointId, Joint> joints;
    final Map<CableId, CableRun> cables;
    final Map<SettingKey, Setting> settings;

    /** The same parts, of which none is a piece in particular. */
    Content unnamed() {
        Map<PlacementId, Placement> plain = new LinkedHashMap<>();
        placements.forEach(
                (id, p) -> plain.put(id, p.piece().isEmpty() ? p.unmeasured() : Placement.of(id, p.type(), p.label())));
        return new Content(root, plain, removed, joints, cables, settings);
    }

    Content(
            PlacementId root,
            Map<PlacementId, Placement> placements,
            Set<PlacementId> removed,
            Map<JointId, Joint> joints,
            Map<CableId, CableRun> cables,
            Map<SettingKey, Setting> settings) {
        this.root = root;
        this.placements = Collections.unmodifiableMap(placements);
        this.removed = Collections.unmodifiableSet(removed);
        this.joints = Collections.unmodifiableMap(joints);
        this.cables = Collections.unmodifiableMap(cables);
        this.settings = Collections.unmodifiableMap(settings);
    }

    /**
     * Content as a file tells it. Ids must be unique; what joints, cables and settings name must exist; locating joints
     * must not form a circle.
     *
     * @throws IllegalArgumentException naming the id at fault
     */
    public static Content of(
            PlacementId root,
            List<Placement> placements,
            List<PlacementId> removed,
            List<Joint> joints,
            List<CableRun> cables,
            List<Setting> settings,
            Catalogue catalogue) {
        Content content = new Content(
                Id.some("Root placement", root),
                index("placement", placements, Placement::id),
                new LinkedHashSet<>(removed),
                index("joint", joints, Joint::id),
                index("cable", cables, CableRun::id),
                index("setting", settings, Setting::key));
        Admission.verify(content, catalogue);
        return content;
    }

    private static <K, T> Map<K, T> index(String what, List<T> all, Function<T, K> id) {
        Map<K, T> map = new LinkedHashMap<>();
        for (T one : all) {
            if (map.put(id.apply(one), one) != null) {
                throw new IllegalArgumentException("two of " + what + " '" + id.apply(one) + "'");
            }
        }
        return map;
    }

    public PlacementId root() {
        return root;
    }

    /** All placements on file, tombstones included. */
    public Collection<Placement> placements() {
        return placements.values();
    }

    public Optional<Placement> placement(PlacementId id) {
        return Optional.ofNullable(placements.get(id));
    }

    public boolean isRemoved(PlacementId placement) {
        return removed.contains(placement);
    }

    public Set<PlacementId> removed() {
        return removed;
    }

    public Collection<Joint> joints() {
        return joints.values();
    }

    public Optional<Joint> joint(JointId id) {
        return Optional.ofNullable(joints.get(id));
    }

    /** The joint that gives a part its pose. */
    public Optional<Joint> locatingJointOf(PlacementId placement) {
        for (Joint joint : joints.values()) {
            if (joint.kind() == Joint.Kind.LOCATING && joint.child().placement().equals(placement)) {
                return Optional.of(joint);
            }
        }
        return Optional.empty();
    }

    public Collection<CableRun> cables() {
        return cables.values();
    }

    public Optional<CableRun> cable(CableId id) {
        return Optional.ofNullable(cables.get(id));
    }

    public Collection<Setting> settings() {
        return settings.values();
    }

    public Optional<Setting> setting(SettingKey key) {
        return Optional.ofNullable(settings.get(key));
    }

    /** The value of a setting; what was never set stands at 0. */
    public double value(SettingKey key) {
        Setting setting = settings.get(key);
        return setting == null ? 0 : setting.value();
    }

    Draft draft() {
        return draft(false);
    }

    /** For what a configuration or a lens lays over this content. */
    Draft overlayDraft() {
        return draft(true);
    }

    private Draft draft(boolean overlay) {
        return new Draft(this, overlay);
    }

    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Content c
                        && root.equals(c.root)
                        && placements.equals(c.placements)
                        && removed.equals(c.removed)
                        && joints.equals(c.joints)
                        && cables.equals(c.cables)
                        && settings.equals(c.settings);
    }

    @Override
    public int hashCode() {
        return placements.hashCode() * 31 + joints.hashCode();
    }
}
