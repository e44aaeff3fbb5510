package wideharbor.core.edit;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.LensChoice;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.build.SettingKey;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.geometry.Vec3;
import wideharbor.core.id.CableId;
import wideharbor.core.id.Id;
import wideharbor.core.id.JointId;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.Figure;
import wideharbor.core.quantity.Require;
import wideharbor.core.quantity.Words;

/**
 * What somebody at the bench wants done: one record a kind, each of which knows how it becomes commands. The same from
 * the browser to the journal.
 */
public sealed interface EditRequest {
    /** The longest text that goes with a request. */
    int LONGEST_TEXT = 160;

    /**
     * Commands and words for it, looking at a rig.
     *
     * @throws EditRefused when it cannot be done, in words for whoever asked
     */
    Prepared prepare(RigAnalysis analysis, Occasion occasion);

    /** Why, and who decided it; empty where nobody said. */
    default String reason() {
        return "";
    }

    /** Puts a slide, an angle, a reach or a switch to a value. */
    record Set(SettingKey key, double value) implements EditRequest {
        public Set {
            Require.given("Setting", key);
            Require.finite("Value", value);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.set(analysis, this);
        }
    }

    /**
     * Takes parts off; with dependants, all that hangs on them goes too.
     *
     * @param reason why and who decided it, for whoever asks later; empty when nobody said
     */
    record Remove(List<PlacementId> placements, boolean withDependants, String reason) implements EditRequest {
        private static final int MOST = 200;

        public Remove {
            Require.given("List of parts", placements);
            placements.forEach(p -> Id.some("Part", p));
            placements = List.copyOf(placements);
            if (placements.isEmpty() || placements.size() > MOST) {
                throw new IllegalArgumentException(
                        "1 to " + MOST + " parts are taken off at once, but these are " + placements.size());
            }
            reason = reason == null ? "" : Require.atMost("Reason", reason, LONGEST_TEXT);
        }

        public Remove(PlacementId placement, boolean withDependants) {
            this(List.of(placement), withDependants, "");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.remove(analysis, this);
        }
    }

    /** Puts a part back that was taken off. */
    record Restore(PlacementId placement) implements EditRequest {
        public Restore {
            Id.some("Part", placement);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared("Put back " + analysis.rig().title(placement), PartEdits.restore(analysis, placement));
        }
    }

    /** Hangs a new part on a free port, through adapters where it does not mate as it is. */
    record Add(PortRef port, TypeRef item, String itemPort) implements EditRequest {
        public Add {
            Require.given("Port", port);
            Require.given("Item", item);
            Require.id("Port of the item", itemPort);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.add(analysis, this);
        }
    }

    /** Keeps what a scale said of a part. */
    record Weigh(PlacementId placement, double grams) implements EditRequest {
        public Weigh {
            Id.some("Part", placement);
            Require.within("Mass", grams, 0, 500_000, "g");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Weigh " + analysis.rig().title(placement) + ", " + Math.round(grams) + " g",
                    PartEdits.weigh(analysis, placement, Figure.measured(grams, occasion.who(), occasion.when())));
        }
    }

    /** Says which of the house's pieces a part is; an empty code takes it back. */
    record Identify(PlacementId placement, String code) implements EditRequest {
        public Identify {
            Id.some("Part", placement);
            code = Require.atMost("Code", code, 40);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PieceRequests.identify(analysis, this, occasion);
        }
    }

    /** The joint that holds a part was tried on the bench. */
    record Tried(PlacementId placement) implements EditRequest {
        public Tried {
            Id.some("Part", placement);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Trial fit of " + analysis.rig().title(placement) + " done", PartEdits.tried(analysis, placement));
        }
    }

    /** A setting was made by feel, so that its figure is a guess; or it was measured after all. */
    record Feel(SettingKey key, boolean byFeel) implements EditRequest {
        public Feel {
            Require.given("Setting", key);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.feel(analysis, this);
        }
    }

    /** A part serves outside its purpose: what it is made for, and how far it may be trusted. */
    record Improvise(PlacementId placement, String limit) implements EditRequest {
        public Improvise {
            Id.some("Part", placement);
            Require.atMost("What it may be trusted with", limit, LONGEST_TEXT);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    analysis.rig().title(placement) + " serves outside its purpose",
                    PartEdits.improvise(analysis, placement, limit));
        }
    }

    /** Brings the tip of an arm to a point: mm to camera left, up and ahead of the mount. */
    record Tip(PlacementId placement, Vec3 at) implements EditRequest {
        public Tip {
            Id.some("Part", placement);
            Require.given("Point", at);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Bring the tip of " + analysis.rig().title(placement) + " to its place",
                    ArmPlacing.tipTo(analysis, placement, at));
        }
    }

    /** A new configuration based on the one looked at. */
    record Derive(String title) implements EditRequest {
        public Derive {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.added(
                    analysis, "Derive ", title, ConfigurationEdits.derive(analysis, title.strip()));
        }
    }

    /** A new configuration like the one looked at, and its own from then on. */
    record Copy(String title) implements EditRequest {
        public Copy {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.added(
                    analysis, "Copy to ", title, ConfigurationEdits.copy(analysis, title.strip()));
        }
    }

    /** Another title for the configuration looked at. */
    record Rename(String title) implements EditRequest {
        public Rename {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared("Rename to " + title.strip(), ConfigurationEdits.rename(analysis, title.strip()));
        }
    }

    /** Takes out the configuration looked at. */
    record Unconfigure() implements EditRequest {
        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.takenOut(analysis);
        }
    }

    /** Another part carries the configuration looked at. */
    record Carry(PlacementId placement) implements EditRequest {
        public Carry {
            Id.some("Part", placement);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Carried by " + analysis.rig().title(placement), ConfigurationEdits.carryBy(analysis, placement));
        }
    }

    /** How the configuration looked at leans, where whoever holds it says so: left side higher, lens lower. */
    record Lean(double rollDegrees, double tiltDegrees) implements EditRequest {
        public Lean {
            Require.within("Roll", rollDegrees, -180, 180, "degrees");
            Require.within("Tilt", tiltDegrees, -90, 90, "degrees");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Lean " + Words.one(rollDegrees) + "° to the side, " + Words.one(tiltDegrees) + "° down",
                    ConfigurationEdits.lean(analysis, rollDegrees, tiltDegrees));
        }
    }

    /** A new configuration in which the body lies on its side; {@code side} is the body's own that looks down. */
    record Portrait(String title, ConfigurationEdits.Side side) implements EditRequest {
        public Portrait {
            ConfigurationRequests.requireTitle(title);
            Require.given("Side", side);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.added(
                    analysis,
                    "Turn to portrait as ",
                    title,
                    ConfigurationEdits.portrait(analysis, title.strip(), side));
        }
    }

    /** A new configuration for the other shoulder. */
    record OtherShoulder(String title) implements EditRequest {
        public OtherShoulder {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.otherShoulder(analysis, title.strip());
        }
    }

    /** A new configuration for a tight room: the battery goes on top. */
    record Tight(String title) implements EditRequest {
        public Tight {
            ConfigurationRequests.requireTitle(title);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return ConfigurationRequests.tight(analysis, title.strip());
        }
    }

    /** A cable of a type between two sockets. */
    record Plug(SocketRef from, SocketRef to, TypeRef item) implements EditRequest {
        public Plug {
            Require.given("Socket it leads from", from);
            Require.given("Socket it leads to", to);
            Require.given("Item", item);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return CableRequests.plug(analysis, this);
        }
    }

    /** A cable goes back into the kit. */
    record Unplug(CableId cable) implements EditRequest {
        public Unplug {
            Require.given("Cable", cable);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared("Unplug " + CableRequests.title(analysis, cable), CableEdits.unplug(analysis, cable));
        }
    }

    /** A cable is led along parts, and its rest lies in a bay; an empty bay is none. */
    record Lay(CableId cable, List<PlacementId> along, PlacementId bay) implements EditRequest {
        private static final int MOST_PARTS = 12;

        public Lay {
            Require.given("Cable", cable);
            along = List.copyOf(Require.given("Parts it is led along", along));
            Require.given("Bay", bay);
            if (along.size() > MOST_PARTS) {
                throw new IllegalArgumentException(
                        "A cable is led along at most " + MOST_PARTS + " parts, but these are " + along.size());
            }
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Lay " + CableRequests.title(analysis, cable),
                    CableEdits.lay(analysis, cable, new CableRun.Laid(along, bay)));
        }
    }

    /** Another part in a part's stead. */
    record Exchanged(PlacementId placement, TypeRef item) implements EditRequest {
        public Exchanged {
            Id.some("Part", placement);
            Require.given("Item", item);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.exchange(analysis, this);
        }
    }

    /** The same part on another port. */
    record Move(PlacementId placement, PortRef port, String itemPort) implements EditRequest {
        public Move {
            Id.some("Part", placement);
            Require.given("Port", port);
            Require.id("Port of the item", itemPort);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Move " + analysis.rig().title(placement) + " to "
                            + analysis.rig().title(port.placement()),
                    Joining.move(analysis, placement, port, itemPort));
        }
    }

    /** A part between a part and what holds it. */
    record Insert(PlacementId placement, TypeRef item) implements EditRequest {
        public Insert {
            Id.some("Part", placement);
            Require.given("Item", item);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            ItemType type = PartRequests.item(analysis, item);
            return new Prepared(
                    "Put " + type.name() + " under " + analysis.rig().title(placement),
                    Joining.insert(analysis, placement, type));
        }
    }

    /** A second face of a part is joined to another part's. */
    record Close(PortRef own, PortRef other) implements EditRequest {
        public Close {
            Require.given("Port", own);
            Require.given("Other port", other);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared(
                    "Join " + analysis.rig().title(own.placement()) + " to "
                            + analysis.rig().title(other.placement()) + " as well",
                    Joining.close(analysis, own, other));
        }
    }

    /** A second face is taken apart again. */
    record Open(JointId joint) implements EditRequest {
        public Open {
            Require.given("Joint", joint);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            List<Scoped> commands = Joining.open(analysis, joint);
            String child = analysis.rig()
                    .content()
                    .joint(joint)
                    .map(j -> analysis.rig().title(j.child().placement()))
                    .orElse(joint.toString());
            return new Prepared("Open the second face of " + child, commands);
        }
    }

    /** A lens comes into the set, on the mount. */
    record AddLens(TypeRef item) implements EditRequest {
        public AddLens {
            Require.given("Item", item);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.add(analysis, PartRequests.item(analysis, item));
        }
    }

    /** A lens goes out of the set. */
    record DropLens(LensId lens) implements EditRequest {
        public DropLens {
            Require.given("Lens", lens);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.drop(analysis, lens);
        }
    }

    /** Another title for a lens of the set. */
    record TitleLens(LensId lens, String title) implements EditRequest {
        public TitleLens {
            Require.given("Lens", lens);
            Require.text("Title of a lens", title, LensChoice.LONGEST_TITLE);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.rename(analysis, lens, title);
        }
    }

    /** A lens to another place of the set, counted from 0. */
    record OrderLens(LensId lens, int place) implements EditRequest {
        public OrderLens {
            Require.given("Lens", lens);
            Require.within("Place in the set", place, 0, Build.MOST_LENSES, "");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return LensEdits.move(analysis, lens, place);
        }
    }

    /** More or fewer of a type in the kit; the whole count is asked for, so that asking twice is asking once. */
    record Pack(TypeRef item, int count) implements EditRequest {
        public Pack {
            Require.given("Item", item);
            Require.within("Count in the kit", count, 0, 10_000, "pieces");
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return KitEdits.pack(analysis, PartRequests.item(analysis, item), count);
        }
    }

    /** Every number back as it was left under a remembered state. */
    record ComeBack(long state) implements EditRequest {
        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return PartRequests.comeBack(analysis, occasion.marks(state));
        }
    }

    /** A remedy of a finding that is there; it is tried anew, so that no stale one is applied. */
    record Fix(FindingKey finding, String fix) implements EditRequest {
        public Fix {
            Require.given("Finding", finding);
            Require.text("Fix", fix, 40);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            Candidate tried = occasion.fix(finding, fix);
            return new Prepared("Fix: " + tried.title(), tried.commands());
        }
    }
}
