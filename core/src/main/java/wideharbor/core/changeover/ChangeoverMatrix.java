package wideharbor.core.changeover;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.job.Job;

/** All changeovers of a build, each against what the brief asks of it. */
public record ChangeoverMatrix(List<ConfigurationId> configurations, List<Cell> cells) {

    /**
     * One way.
     *
     * @param demand what the brief asks of this way, if it asks
     * @param met true when it asks for nothing
     * @param twin a second body left ready, instead
     */
    public record Cell(Changeover way, Optional<Asks.ChangeDemand> demand, boolean met, Twin twin) {}

    /** Every ordered pair of a body's configurations, all with the same lens in the slot. */
    public static ChangeoverMatrix of(Job job, List<RigAnalysis> worn) {
        Map<ConfigurationId, RigAnalysis> rigs = new LinkedHashMap<>();
        worn.forEach(a -> rigs.put(a.rig().configuration().id(), a));
        List<Cell> cells = new ArrayList<>();
        rigs.forEach((from, a) -> rigs.forEach((to, b) -> {
            if (!from.equals(to)) {
                Changeover way = Changeover.between(a, b);
                Optional<Asks.ChangeDemand> demand = job.brief().asks().changes().stream()
                        .filter(c -> c.from().equals(from) && c.to().equals(to))
                        .findFirst();
                Twin twin = Twin.of(a.rig(), b.rig(), way, job.gear().kit(), job.rules());
                cells.add(new Cell(way, demand, demand.map(d -> isMet(d, way)).orElse(true), twin));
            }
        }));
        return new ChangeoverMatrix(List.copyOf(rigs.keySet()), cells);
    }

    /** Quick enough, and without tools where that is asked for. */
    public static boolean isMet(Asks.ChangeDemand demand, Changeover way) {
        return way.minutes() <= demand.minutes() + 1e-9 && (!demand.toolFree() || way.isToolFree());
    }
}
