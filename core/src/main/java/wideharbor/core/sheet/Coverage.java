package wideharbor.core.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import wideharbor.core.analysis.JobAnalysis;
import wideharbor.core.analysis.RigAnalysis;
import wideharbor.core.brief.Asks;
import wideharbor.core.brief.Shoot;
import wideharbor.core.build.Build;
import wideharbor.core.build.Configuration;
import wideharbor.core.catalog.Capability;
import wideharbor.core.catalog.Category;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.PowerFacet;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.changeover.Changeover;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.id.LensId;
import wideharbor.core.job.ConfigurationKey;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.Words;
import wideharbor.core.rig.Placed;
import wideharbor.core.rig.Rig;

/** What of a package meets a demand of the brief, by name: who reads that it is met wants to know by what. */
final class Coverage {
    private final Job job;
    private final Map<ConfigurationKey, RigAnalysis> rigs = new LinkedHashMap<>();
    private final Map<LensId, List<Placed>> lensParts = new LinkedHashMap<>();

    Coverage(JobAnalysis analyses) {
        this.job = analyses.job();
        for (Build build : job.gear().builds()) {
            for (Configuration configuration : build.configurations()) {
                for (LensId lens : build.lensIds()) {
                    ConfigurationKey key = new ConfigurationKey(build.id(), configuration.id());
                    // The first configuration tells what each lens is, the others are looked at with one lens.
                    if (lensParts.containsKey(lens) && rigs.containsKey(key)) {
                        continue;
                    }
                    RigAnalysis analysis = analyses.of(key).with(lens);
                    rigs.putIfAbsent(key, analysis);
                    lensParts.putIfAbsent(lens, lensesOn(analysis.rig()));
                }
            }
        }
    }

    private static List<Placed> lensesOn(Rig rig) {
        return rig.attached().stream()
                .filter(p -> p.type().category() == Category.LENS)
                .toList();
    }

    List<String> configuration(ConfigurationId id) {
        return rigs.values().stream()
                .filter(c -> c.rig().configuration().id().equals(id))
                .map(c -> c.build().title() + ", " + Words.kg(c.lifted().grams()) + " carried")
                .toList();
    }

    List<String> lens(LensId id) {
        return lensParts.getOrDefault(id, List.of()).stream()
                .map(p -> p.type().name())
                .toList();
    }

    /** What each configuration comes to, such as its mass. */
    List<String> each(Predicate<RigAnalysis> which, Function<RigAnalysis, String> figure) {
        return rigs.values().stream()
                .filter(which)
                .map(c -> titled(c) + ": " + figure.apply(c))
                .toList();
    }

    List<String> masses() {
        return each(c -> true, c -> Words.kg(c.lifted().grams()));
    }

    /** Which body it is, where there are several. */
    private String titled(RigAnalysis analysis) {
        String title = analysis.rig().configuration().title();
        return job.gear().builds().size() == 1 ? title : analysis.build().title() + ", " + title;
    }

    List<String> change(Asks.ChangeDemand demand) {
        return job.gear().builds().stream()
                .flatMap(b -> Optional.ofNullable(rigs.get(new ConfigurationKey(b.id(), demand.from()))).stream())
                .flatMap(from -> Optional.ofNullable(
                        rigs.get(new ConfigurationKey(from.build().id(), demand.to())))
                        .map(to -> change(from, to))
                        .stream())
                .toList();
    }

    private String change(RigAnalysis from, RigAnalysis to) {
        Changeover way = Changeover.between(from, to);
        String body = job.gear().builds().size() == 1 ? "" : from.build().title() + ": ";
        return body + way.steps().size() + " steps, " + Words.one(way.minutes()) + " min, "
                + (way.isToolFree() ? "no tools" : String.join(", ", way.keys()));
    }

    List<String> rooms(Asks.RoomLimit room) {
        return each(
                c -> room.binds(c.rig().configuration().id()),
                c -> Words.length(c.depth()) + " deep, "
                        + Words.length(c.extent(c.rig().world().up())) + " high");
    }

    /** Parts on any rig or in the kit, with how many there are at once. */
    List<String> parts(Predicate<ItemType> which) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (Build build : job.gear().builds()) {
            Map<String, Integer> most = new LinkedHashMap<>();
            for (RigAnalysis analysis : rigs.values()) {
                if (analysis.build().id().equals(build.id())) {
                    Map<String, Integer> here = new LinkedHashMap<>();
                    analysis.rig().attached().stream()
                            .filter(p -> which.test(p.type()))
                            .forEach(p -> here.merge(p.type().name(), 1, Integer::sum));
                    here.forEach((name, count) -> most.merge(name, count, Math::max));
                }
            }
            most.forEach((name, count) -> counts.merge(name, count, Integer::sum));
        }
        for (Map.Entry<TypeRef, Integer> e : job.gear().kit().counts().entrySet()) {
            ItemType type = job.catalogue().require(e.getKey());
            if (which.test(type)) {
                counts.merge(type.name(), e.getValue(), Integer::sum);
            }
        }
        List<String> all = new ArrayList<>();
        counts.forEach((name, count) -> all.add(count == 1 ? name : count + " × " + name));
        return all;
    }

    List<String> able(Capability... capabilities) {
        return parts(t -> List.of(capabilities).stream().anyMatch(t::can));
    }

    List<String> batteries() {
        return parts(t -> t.facet(PowerFacet.Battery.class).isPresent());
    }

    List<String> sound(Shoot shoot) {
        List<String> all = new ArrayList<>();
        if (shoot.sound() == Shoot.Sound.CAMERA) {
            all.addAll(able(Capability.HEARS));
        }
        if (shoot.timecode()) {
            all.addAll(able(Capability.KEEPS_TIME));
        }
        return all;
    }

    List<String> orientations() {
        return each(c -> true, c -> c.rig().world().isRolled() ? "portrait" : "landscape");
    }
}
