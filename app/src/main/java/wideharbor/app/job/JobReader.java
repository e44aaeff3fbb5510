package wideharbor.app.job;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.judging.Flights;
import wideharbor.app.ways.HouseFigures;
import wideharbor.app.ways.HouseState;
import wideharbor.core.brief.Brief;
import wideharbor.core.build.Build;
import wideharbor.core.build.GearPackage;
import wideharbor.core.build.Kit;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;
import wideharbor.format.HarborCodec;

/** Makes a job of its rows. */
@Component
class JobReader {
    private final Rows.Builds builds;
    private final Rows.Kits kits;
    private final Acceptances acceptances;
    private final Brought brought;
    private final CatalogueStore catalogue;
    private final HouseFigures figures;
    private final HouseState house;
    private final HarborCodec codec;

    /** A build as it is stored, and the parts that it is read with: the same two always read as the same build. */
    private record Stored(String content, Catalogue catalogue) {}

    private final Flights<Stored, Build> builtAs = new Flights<>(600);

    /** Every change of a job has a number of its own, and so has every change of the house's rules. */
    private record State(String job, long stateNo, long under, Catalogue house) {
        boolean isAfter(State other) {
            return job.equals(other.job) && other.stateNo <= stateNo && !equals(other);
        }
    }

    private final Flights<State, StoredJob> known = new Flights<>(300);

    JobReader(
            Rows.Builds builds,
            Rows.Kits kits,
            Acceptances acceptances,
            Brought brought,
            CatalogueStore catalogue,
            HouseFigures figures,
            HouseState house,
            HarborCodec codec) {
        this.builds = builds;
        this.kits = kits;
        this.acceptances = acceptances;
        this.brought = brought;
        this.catalogue = catalogue;
        this.figures = figures;
        this.house = house;
        this.codec = codec;
    }

    /**
     * The same as it was read before, while neither the job nor the house's parts and rules are others; only of what is
     * committed.
     */
    StoredJob known(JobRow row) {
        State now = new State(row.id, row.stateNo, house.rules(), catalogue.catalogue());
        return known.get(now, () -> {
            known.forget(now::isAfter);
            return read(row);
        });
    }

    StoredJob read(JobRow row) {
        Catalogue all = brought.catalogueOf(row.id);
        List<Build> content = new ArrayList<>();
        Map<BuildId, Integer> revisions = new LinkedHashMap<>();
        for (BuildRow build : builds.of(row.id)) {
            content.add(builtAs.get(new Stored(build.content, all), () -> codec.readBuild(build.content, all)));
            revisions.put(BuildId.of(build.key.buildId()), build.revision);
        }
        Map<TypeRef, Integer> kit = new LinkedHashMap<>();
        kits.of(row.id).forEach(k -> kit.put(new TypeRef(k.key.typeId(), k.key.typeRevision()), k.pieces));
        Brief brief = codec.readBrief(row.brief);
        Job job = new Job(
                row.id,
                row.title,
                brief,
                figures.rules(brief.crew().operator()),
                all,
                new GearPackage(new Kit(kit), content),
                acceptances.reads(row.id),
                acceptances.waivers(row.id));
        return new StoredJob(job, row.stage, row.revision, row.stateNo, house.rules(), revisions);
    }
}
