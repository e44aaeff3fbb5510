package wideharbor.core.edit;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.PortRef;
import wideharbor.core.catalog.AdapterFinder;
import wideharbor.core.catalog.Mating;
import wideharbor.core.catalog.Port;

/** Ways from ports of a rig to ports of parts that are not on it: one search over the adapters for each port. */
final class Reaches {
    private static final AdapterFinder.Chain NOTHING = new AdapterFinder.Chain(java.util.List.of(), true, true, 0, 0);

    private final RigAnalysis analysis;
    private final Map<PortRef, AdapterFinder.Reach> known = new HashMap<>();

    Reaches(RigAnalysis analysis) {
        this.analysis = analysis;
    }

    /** The adapters between the two, none where they mate as they are; empty where nothing joins them. */
    Optional<AdapterFinder.Chain> chain(PortRef on, Port own) {
        Port port = analysis.rig().port(on);
        if (Mating.mates(port, own, analysis.standards())) {
            return Optional.of(NOTHING);
        }
        return known.computeIfAbsent(on, r -> analysis.catalogue().adapters().from(port))
                .to(own);
    }
}
