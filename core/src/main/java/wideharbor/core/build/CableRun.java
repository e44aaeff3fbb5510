package wideharbor.core.build;

import java.util.List;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.CableId;
import wideharbor.core.id.Id;
import wideharbor.core.id.PlacementId;

/** A cable of the package plugged between two sockets; its end a is at {@code a}. */
public record CableRun(CableId id, TypeRef type, SocketRef a, SocketRef b, Laid laid) {

    /**
     * How a cable is laid between its ends.
     *
     * @param along parts that it is led along, in order from end a
     * @param stowedIn the part in whose inner battery bay the rest of it lies; empty when it lies in none
     */
    public record Laid(List<PlacementId> along, PlacementId stowedIn) {
        private static final int MOST = 12;

        public static final Laid FREE = new Laid(List.of(), PlacementId.NONE);

        public Laid {
            if (along.size() > MOST) {
                throw new IllegalArgumentException(
                        "A cable is led along " + MOST + " parts at the most, but this one along " + along.size());
            }
            along = List.copyOf(along);
            along.forEach(part -> Id.some("Part that a cable is led along", part));
        }
    }

    /** A cable that goes the shortest way. */
    public CableRun(CableId id, TypeRef type, SocketRef a, SocketRef b) {
        this(id, type, a, b, Laid.FREE);
    }

    /** Whether it ends at a part, is led along it or lies in its bay. */
    public boolean names(PlacementId placement) {
        return a.placement().equals(placement)
                || b.placement().equals(placement)
                || laid.along().contains(placement)
                || laid.stowedIn().equals(placement);
    }

    public CableRun as(TypeRef other) {
        return new CableRun(id, other, a, b, laid);
    }

    /** The same cable between the same sockets, laid in another way. */
    public CableRun laid(Laid other) {
        return new CableRun(id, type, a, b, other);
    }
}
