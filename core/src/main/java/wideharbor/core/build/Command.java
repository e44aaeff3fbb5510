package wideharbor.core.build;

import java.util.List;
import java.util.Optional;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.CableId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;

/**
 * One atomic change, named by stable ids. Everything that changes a build is a list of these: a user's edit, a fix, an
 * undo, and what a configuration or a lens differs in.
 */
public sealed interface Command {

    /** Puts a part into the build, joined to nothing yet. */
    record Place(PlacementId placement, TypeRef type, String label) implements Command {}

    /** Takes a part off file; refused while anything still names it. The exact inverse of {@link Place}. */
    record Unplace(PlacementId placement) implements Command {}

    /** Takes a part off the rig; it keeps its id and joints as a tombstone, and what hung on it hangs on nothing. */
    record Remove(PlacementId placement) implements Command {}

    /** Puts back what an overlay took off. */
    record Restore(PlacementId placement) implements Command {}

    /** Joins two ports. */
    record Join(Joint joint) implements Command {}

    /** Takes a joint apart. */
    record Unjoin(JointId joint) implements Command {}

    /** Sets a joint or a switch to a value. */
    record Set(SettingKey key, double value, boolean byFeel) implements Command {}

    /** Leaves a setting to what lies beneath. */
    record Unset(SettingKey key) implements Command {}

    /** Swaps the type and keeps joints, settings and cables; refused when a named port or socket is not there. */
    record Retype(PlacementId placement, TypeRef type) implements Command {}

    /** Gives a part the mass that the scale shows; an unknown one takes it back. */
    record Weigh(PlacementId placement, Figure massGrams) implements Command {}

    /** Says what the rig was measured to take from a battery; empty takes it back. */
    record Draw(PlacementId placement, Optional<Drawn> drawn) implements Command {}

    /** Says what the weakest battery of a part's kind was measured to hold; empty takes it back. Base scope. */
    record Hold(PlacementId placement, Optional<Holds> holds) implements Command {}

    /** Says which of the house's pieces a part is; an empty code takes it back. */
    record Identify(PlacementId placement, String piece) implements Command {}

    /** Says anew how sure we are of a joint: after a trial fit, say. */
    record Trust(JointId joint, Joint.Confidence confidence, String note) implements Command {}

    /** Plugs a cable. */
    record Connect(CableRun cable) implements Command {}

    /** Unplugs a cable. */
    record Disconnect(CableId cable) implements Command {}

    /** Another cable on the same two sockets. */
    record RetypeCable(CableId cable, TypeRef type) implements Command {}

    /** Leads a cable another way between its sockets. */
    record Lay(CableId cable, CableRun.Laid laid) implements Command {}

    /** More or fewer of a type in the package's shared kit; package scope only. */
    record AddKit(TypeRef type, int count) implements Command {
        public AddKit {
            Require.within("Change of a kit count", count, -10_000, 10_000, "pieces");
        }
    }

    /** Adds a configuration to the build, or puts this one in place of the one with its id. */
    record Configure(Configuration configuration) implements Command {}

    /** Takes a configuration out of the build; refused while another is based on it, or when it is the last. */
    record Unconfigure(ConfigurationId id) implements Command {}

    /** Puts a lens into the set at a place of its order, or this one in place of the one with its id. */
    record Equip(LensChoice lens, int at) implements Command {
        public Equip {
            Require.given("Lens", lens);
            Require.within("Place in the set", at, 0, Build.MOST_LENSES, "");
        }
    }

    /** Takes a lens out of the set. */
    record Unequip(LensId id) implements Command {}

    /** Puts an overlay's whole list of commands in place of what it has: how an edit to an overlay is undone. */
    record ReplaceOverlay(List<Command> commands) implements Command {
        public ReplaceOverlay {
            commands = List.copyOf(commands);
        }
    }
}
