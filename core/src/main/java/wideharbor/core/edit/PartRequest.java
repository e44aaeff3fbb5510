package wideharbor.core.edit;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.PortRef;
import wideharbor.core.build.Scoped;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.Id;
import wideharbor.core.id.JointId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;

/** Parts put on, taken off, exchanged and moved, and faces joined or taken apart. */
public sealed interface PartRequest extends EditRequest {
    /**
     * Takes parts off; with dependants, all that hangs on them goes too.
     *
     * @param reason why and who decided it, for whoever asks later; empty when nobody said
     */
    record Remove(List<PlacementId> placements, boolean withDependants, String reason) implements PartRequest {
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
    record Restore(PlacementId placement) implements PartRequest {
        public Restore {
            Id.some("Part", placement);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared("Put back " + analysis.rig().title(placement), PartEdits.restore(analysis, placement));
        }
    }

    /** Hangs a new part on a free port, through adapters where it does not mate as it is. */
    record Add(PortRef port, TypeRef item, String itemPort) implements PartRequest {
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

    /** Another part in a part's stead. */
    record Exchanged(PlacementId placement, TypeRef item) implements PartRequest {
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
    record Move(PlacementId placement, PortRef port, String itemPort) implements PartRequest {
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
    record Insert(PlacementId placement, TypeRef item) implements PartRequest {
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
    record Close(PortRef own, PortRef other) implements PartRequest {
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
    record Open(JointId joint) implements PartRequest {
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
}
