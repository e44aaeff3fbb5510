package wideharbor.format;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.id.LensId;
import wideharbor.core.id.PlacementId;
import wideharbor.core.job.Job;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** Every change of the demo can be made in the order it is told, and leaves the rig that it leads to. */
class ChangeoverOfDemoTest {
    private final HarborCodec codec = new HarborCodec();

    @ParameterizedTest
    @ValueSource(strings = {"second-bell", "slack-water", "kiln", "the-lift", "queens-yard"})
    void everyChangeLeadsFromOneRigToTheOther(String name) throws IOException {
        Job job = codec.read(Files.readAllBytes(Path.of("..", "demo", name + ".harbor.json")));
        JobAnalysis whole = JobAnalysis.of(job);
        for (Build build : job.gear().builds()) {
            for (LensId lens : build.lensIds()) {
                for (Configuration from : build.configurations()) {
                    for (Configuration to : build.configurations()) {
                        if (!from.id().equals(to.id())) {
                            worked(whole.rig(build.id(), from.id(), lens), whole.rig(build.id(), to.id(), lens));
                        }
                    }
                }
            }
        }
    }

    /** Steps in their order: nothing comes off behind what is in its way, nothing comes on before what carries it. */
    private static void worked(RigAnalysis before, RigAnalysis after) {
        Rig from = before.rig();
        Rig to = after.rig();
        Set<PlacementId> on = ids(from);
        Set<PlacementId> moved = new LinkedHashSet<>();
        for (Changeover.Step step : Changeover.between(before, after).steps()) {
            String said = from.configuration().id() + " to "
                    + to.configuration().id() + ", " + step.act() + " " + step.part();
            step.placement().filter(p -> step.act() != Changeover.Act.SET).ifPresent(part -> {
                boolean leaves = step.act() != Changeover.Act.ON && step.act() != Changeover.Act.BACK;
                boolean arrives = step.act() != Changeover.Act.OFF && step.act() != Changeover.Act.ASIDE;
                if (leaves) {
                    Set<PlacementId> inWay =
                            new LinkedHashSet<>(before.obstacles().of(part).keySet());
                    inWay.retainAll(on);
                    inWay.removeAll(moved);
                    assertEquals(Set.of(), inWay, said);
                    from.subtree(part).stream()
                            .filter(id -> !moved.contains(id))
                            .forEach(on::remove);
                }
                if (arrives) {
                    PlacementId carrier =
                            to.locatedBy(part).orElseThrow().parent().placement();
                    assertTrue(on.contains(carrier), said + " on " + carrier);
                    Set<PlacementId> inWay =
                            new LinkedHashSet<>(after.obstacles().of(part).keySet());
                    inWay.retainAll(on);
                    inWay.removeIf(id -> !to.find(id).isPresent() || isElsewhere(from, to, id) && !moved.contains(id));
                    assertEquals(Set.of(), inWay, said);
                    moved.addAll(to.subtree(part));
                    to.subtree(part).stream()
                            .filter(id -> from.find(id).isPresent() || step.act() == Changeover.Act.ON)
                            .forEach(on::add);
                }
            });
        }
        on.removeIf(id -> to.find(id).isEmpty());
        assertEquals(ids(to), on.stream().sorted().collect(Collectors.toCollection(LinkedHashSet::new)));
    }

    private static boolean isElsewhere(Rig from, Rig to, PlacementId id) {
        return !from.locatedBy(id)
                .map(j -> List.of(j.parent(), j.child()))
                .equals(to.locatedBy(id).map(j -> List.of(j.parent(), j.child())));
    }

    private static Set<PlacementId> ids(Rig rig) {
        return rig.attached().stream().map(Placed::id).sorted().collect(Collectors.toCollection(LinkedHashSet::new));
    }
}
