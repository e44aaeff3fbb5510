package wideharbor.format;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import wideharbor.core.brief.HouseRules;
import wideharbor.core.brief.Preferences;
import wideharbor.core.build.Build;
import wideharbor.core.build.Content;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Kit;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.job.Job;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;

/** A job as a file has it, and back. */
final class FileMapping {
    private FileMapping() {}

    static Job toJob(HarborFile file) {
        Catalogue catalogue = HarborCodec.at(
                "/catalogue",
                () -> new Catalogue(file.catalogue(), Standards.seed().with(file.standards())));
        List<Build> builds = new ArrayList<>();
        for (int i = 0; i < file.builds().size(); i++) {
            HarborFile.FileBuild b = file.builds().get(i);
            builds.add(HarborCodec.at("/builds/" + i, () -> toBuild(b, catalogue)));
        }
        Map<TypeRef, Integer> kit = new LinkedHashMap<>();
        for (HarborFile.KitLine line : file.kit()) {
            HarborCodec.at("/kit", () -> catalogue.require(line.type()));
            kit.merge(line.type(), line.count(), Integer::sum);
        }
        Job bare = HarborCodec.at(
                "/",
                () -> new Job(
                        file.id(),
                        file.title(),
                        file.brief(),
                        new HouseRules(
                                file.rules(),
                                new Preferences(
                                        file.ways(),
                                        file.operatorWays(),
                                        file.brief().asks().ways())),
                        catalogue,
                        new GearPackage(new Kit(kit), builds),
                        List.of(),
                        List.of()));
        return new FileAcceptance(file).in(bare);
    }

    static Build toBuild(HarborFile.FileBuild b, Catalogue catalogue) {
        Content base =
                Content.of(b.root(), b.placements(), b.removed(), b.joints(), b.cables(), b.settings(), catalogue);
        return new Build(b.id(), b.title(), base, b.configurations(), b.lenses());
    }

    static List<Standard> changedStandards(Job job) {
        Standards seed = Standards.seed();
        return job.catalogue().standards().all().stream()
                .filter(s -> !seed.find(s.id()).filter(s::equals).isPresent())
                .toList();
    }

    static Set<TypeRef> used(Job job) {
        Set<TypeRef> used = new LinkedHashSet<>(job.gear().kit().counts().keySet());
        for (Build build : job.gear().builds()) {
            build.base().placements().forEach(p -> used.add(p.type()));
            build.base().cables().forEach(c -> used.add(c.type()));
            for (var configuration : build.configurations()) {
                for (var lens : build.lenses()) {
                    Content content = build.content(configuration.id(), lens.id(), job.catalogue());
                    content.placements().forEach(p -> used.add(p.type()));
                    content.cables().forEach(c -> used.add(c.type()));
                }
            }
        }
        return used;
    }

    static HarborFile.FileBuild fileBuild(Build build) {
        Content base = build.base();
        return new HarborFile.FileBuild(
                build.id(),
                build.title(),
                base.root(),
                List.copyOf(base.placements()),
                List.copyOf(base.removed()),
                List.copyOf(base.joints()),
                List.copyOf(base.cables()),
                List.copyOf(base.settings()),
                build.configurations(),
                build.lenses());
    }
}
