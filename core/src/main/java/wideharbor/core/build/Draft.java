package wideharbor.core.build;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.id.CableId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Words;

/**
 * Content while commands are applied to it: each command either happens whole, with its inverse kept, or is refused.
 *
 * <p>What an overlay changes stays valid when the base takes the part off: it waits there until the part is put back.
 */
final class Draft {
    private final PlacementId root;
    private final Map<PlacementId, Placement> placements;
    private final Set<PlacementId> removed;
    private final Map<JointId, Joint> joints;
    private final Map<CableId, CableRun> cables;
    private final Map<SettingKey, Setting> settings;
    private final Deque<Command> inverses = new ArrayDeque<>();
    private final boolean overlay;

    Draft(Content content, boolean overlay) {
        this.root = content.root;
        this.placements = new LinkedHashMap<>(content.placements);
        this.removed = new LinkedHashSet<>(content.removed);
        this.joints = new LinkedHashMap<>(content.joints);
        this.cables = new LinkedHashMap<>(content.cables);
        this.settings = new LinkedHashMap<>(content.settings);
        this.overlay = overlay;
    }

    /** A view of the present state; good until the next command. */
    Content content() {
        return new Content(root, placements, removed, joints, cables, settings);
    }

    /** Inverse commands, in the order in which they undo what was applied. */
    List<Command> inverses() {
        return List.copyOf(inverses);
    }

    void apply(Command command, Catalogue catalogue) {
        try {
            inverses.push(change(command, catalogue));
        } catch (IllegalArgumentException e) {
            throw new EditRefused(sentence(Words.reason(e)));
        }
    }

    private static String sentence(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1) + ".";
    }

    private Command change(Command command, Catalogue catalogue) {
        if (command instanceof Command.Place c) {
            return place(c, catalogue);
        } else if (command instanceof Command.Unplace c) {
            return unplace(c.placement());
        } else if (command instanceof Command.Remove c) {
            return remove(c.placement());
        } else if (command instanceof Command.Restore c) {
            return restore(c.placement());
        } else if (command instanceof Command.Join c) {
            return join(c.joint(), catalogue);
        } else if (command instanceof Command.Unjoin c) {
            return new Command.Join(taken("joint", c.joint(), joints));
        } else if (command instanceof Command.Set c) {
            return set(c, catalogue);
        } else if (command instanceof Command.Unset c) {
            present(c.key().placement());
            Setting old = taken("setting", c.key(), settings);
            return new Command.Set(old.key(), old.value(), old.byFeel());
        }
        return changePart(command, catalogue);
    }

    /** What is known of a part, and its cables. */
    private Command changePart(Command command, Catalogue catalogue) {
        if (command instanceof Command.Retype c) {
            return retype(c, catalogue);
        } else if (command instanceof Command.Weigh c) {
            return weigh(c);
        } else if (command instanceof Command.Draw c) {
            return draw(c);
        } else if (command instanceof Command.Hold c) {
            return hold(c);
        } else if (command instanceof Command.Identify c) {
            return identify(c);
        } else if (command instanceof Command.Trust c) {
            return trust(c);
        } else if (command instanceof Command.Connect c) {
            return connect(c.cable(), catalogue);
        } else if (command instanceof Command.Disconnect c) {
            return new Command.Connect(taken("cable", c.cable(), cables));
        } else if (command instanceof Command.RetypeCable c) {
            return retypeCable(c, catalogue);
        } else if (command instanceof Command.Lay c) {
            return lay(c, catalogue);
        }
        throw new IllegalArgumentException("this command does not belong in the content of a build");
    }

    private Command weigh(Command.Weigh c) {
        Placement old = present(c.placement());
        placements.put(old.id(), old.weighing(c.massGrams()));
        return new Command.Weigh(old.id(), old.weighedGrams());
    }

    private Command draw(Command.Draw c) {
        Placement old = present(c.placement());
        placements.put(old.id(), old.giving(c.drawn()));
        return new Command.Draw(old.id(), old.drawn());
    }

    private Command hold(Command.Hold c) {
        Placement old = present(c.placement());
        placements.put(old.id(), old.holding(c.holds()));
        return new Command.Hold(old.id(), old.holds());
    }

    private Command identify(Command.Identify c) {
        Placement old = present(c.placement());
        placements.put(old.id(), old.being(c.piece()));
        return new Command.Identify(old.id(), old.piece());
    }

    private Command trust(Command.Trust c) {
        Joint old = Optional.ofNullable(joints.get(c.joint()))
                .orElseThrow(() -> new IllegalArgumentException("there is no joint '" + c.joint() + "'"));
        joints.put(old.id(), old.trusting(c.confidence(), c.note()));
        return new Command.Trust(old.id(), old.confidence(), old.note());
    }

    private Command place(Command.Place c, Catalogue catalogue) {
        if (placements.containsKey(c.placement())) {
            throw new IllegalArgumentException("placement '" + c.placement() + "' is on file already");
        }
        if (placements.size() >= Content.MOST_PLACEMENTS) {
            throw new IllegalArgumentException("a build may hold " + Content.MOST_PLACEMENTS + " placements");
        }
        catalogue.require(c.type());
        placements.put(c.placement(), Placement.of(c.placement(), c.type(), c.label()));
        return new Command.Unplace(c.placement());
    }

    private Command unplace(PlacementId id) {
        Placement old = present(id);
        boolean named = joints.values().stream()
                        .anyMatch(j -> j.parent().placement().equals(id)
                                || j.child().placement().equals(id))
                || cables.values().stream().anyMatch(c -> c.names(id))
                || settings.keySet().stream().anyMatch(k -> k.placement().equals(id));
        if (named || id.equals(root)) {
            throw new IllegalArgumentException("placement '" + id + "' is still named by joints, cables or settings");
        }
        placements.remove(id);
        return new Command.Place(id, old.type(), old.label());
    }

    private Command remove(PlacementId id) {
        present(id);
        if (id.equals(root)) {
            throw new IllegalArgumentException("the body is what the rig is built on and cannot be taken off");
        }
        removed.add(id);
        return new Command.Restore(id);
    }

    private Command restore(PlacementId id) {
        if (!removed.remove(id) && !overlay) {
            throw new IllegalArgumentException("placement '" + id + "' was not taken off");
        }
        return new Command.Remove(id);
    }

    private Command join(Joint joint, Catalogue catalogue) {
        if (joints.containsKey(joint.id())) {
            throw new IllegalArgumentException("joint '" + joint.id() + "' is on file already");
        }
        Admission.port("joint '" + joint.id() + "', parent", joint.parent(), content(), catalogue);
        Admission.port("joint '" + joint.id() + "', child", joint.child(), content(), catalogue);
        if (joint.kind() == Joint.Kind.LOCATING) {
            Optional<Joint> held = locatingJointOf(joint.child().placement());
            if (held.isPresent()) {
                throw new IllegalArgumentException("placement '" + joint.child().placement()
                        + "' is already held by joint '" + held.get().id() + "'");
            }
        }
        if (joint.kind() == Joint.Kind.LOCATING) {
            requireNoCircle(joint);
        }
        joints.put(joint.id(), joint);
        return new Command.Unjoin(joint.id());
    }

    private Optional<Joint> locatingJointOf(PlacementId placement) {
        return content().locatingJointOf(placement);
    }

    /** The tree held before; only the way up from the new joint's parent can close a circle. */
    private void requireNoCircle(Joint joint) {
        PlacementId child = joint.child().placement();
        if (child.equals(root)) {
            throw new IllegalArgumentException(
                    "joint '" + joint.id() + "' locates the root placement '" + root + "', which locates all others");
        }
        Optional<Joint> up = Optional.of(joint);
        while (up.isPresent()) {
            PlacementId at = up.get().parent().placement();
            if (at.equals(child)) {
                throw new IllegalArgumentException("locating joints go round in a circle through placement '" + child
                        + "' (joint '" + joint.id() + "')");
            }
            up = locatingJointOf(at);
        }
    }

    private Command set(Command.Set c, Catalogue catalogue) {
        Admission.settingTarget(c.key(), content(), catalogue);
        ItemType type = catalogue.require(present(c.key().placement()).type());
        if (type.socket(c.key().port()).isPresent()) {
            Switches.requireSense(c.key(), c.value(), type);
        }
        Setting old = settings.put(c.key(), new Setting(c.key(), c.value(), c.byFeel()));
        return old == null ? new Command.Unset(c.key()) : new Command.Set(old.key(), old.value(), old.byFeel());
    }

    private Command retype(Command.Retype c, Catalogue catalogue) {
        Placement old = present(c.placement());
        catalogue.require(c.type());
        placements.put(old.id(), old.as(c.type()));
        try {
            Admission.verify(content(), catalogue);
        } catch (IllegalArgumentException e) {
            placements.put(old.id(), old);
            throw e;
        }
        // A swapped part forgets which piece its forerunner was and what it weighed; coming back brings both along.
        old.known().forEach(inverses::push);
        return new Command.Retype(old.id(), old.type());
    }

    private Command connect(CableRun cable, Catalogue catalogue) {
        if (cables.containsKey(cable.id())) {
            throw new IllegalArgumentException("cable '" + cable.id() + "' is on file already");
        }
        Admission.cable(cable, content(), catalogue);
        cables.put(cable.id(), cable);
        return new Command.Disconnect(cable.id());
    }

    private CableRun known(CableId cable) {
        return Optional.ofNullable(cables.get(cable))
                .orElseThrow(() -> new IllegalArgumentException("there is no cable '" + cable + "'"));
    }

    private Command lay(Command.Lay c, Catalogue catalogue) {
        CableRun old = known(c.cable());
        Admission.cable(old.laid(c.laid()), content(), catalogue);
        cables.put(old.id(), old.laid(c.laid()));
        return new Command.Lay(old.id(), old.laid());
    }

    private Command retypeCable(Command.RetypeCable c, Catalogue catalogue) {
        CableRun old = known(c.cable());
        catalogue.require(c.type());
        cables.put(old.id(), old.as(c.type()));
        return new Command.RetypeCable(old.id(), old.type());
    }

    private Placement present(PlacementId id) {
        Placement placement = placements.get(id);
        if (placement == null) {
            throw new IllegalArgumentException("there is no placement '" + id + "'");
        }
        if (removed.contains(id) && !overlay) {
            throw new IllegalArgumentException(
                    "placement '" + id + "' was taken off the rig; put it back before it is changed");
        }
        return placement;
    }

    private static <K, T> T taken(String what, K key, Map<K, T> map) {
        T old = map.remove(key);
        if (old == null) {
            throw new IllegalArgumentException("there is no " + what + " '" + key + "'");
        }
        return old;
    }
}
