package wideharbor.core.edit;

import java.util.List;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.CableRun;
import wideharbor.core.build.SocketRef;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.CableId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.quantity.Require;

/** Cables plugged, taken out and led along parts. */
public sealed interface CableRequest extends EditRequest {
    /** A cable of a type between two sockets. */
    record Plug(SocketRef from, SocketRef to, TypeRef item) implements CableRequest {
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
    record Unplug(CableId cable) implements CableRequest {
        public Unplug {
            Require.given("Cable", cable);
        }

        @Override
        public Prepared prepare(RigAnalysis analysis, Occasion occasion) {
            return new Prepared("Unplug " + CableRequests.title(analysis, cable), CableEdits.unplug(analysis, cable));
        }
    }

    /** A cable is led along parts, and its rest lies in a bay; an empty bay is none. */
    record Lay(CableId cable, List<PlacementId> along, PlacementId bay) implements CableRequest {
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
}
