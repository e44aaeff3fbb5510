package wideharbor.app.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.catalog.CatalogueStore;
import wideharbor.app.judging.Flights;
import wideharbor.app.web.Refusal;
import wideharbor.core.catalog.Catalogue;
import wideharbor.core.catalog.ItemType;
import wideharbor.core.catalog.TypeRef;
import wideharbor.core.job.Job;
import wideharbor.core.standard.Standard;
import wideharbor.core.standard.Standards;
import wideharbor.format.HarborCodec;

/**
 * What files brought to a job. A file may do nothing that its bringer may not: its parts and standards are the
 * package's own, its reads and waivers are proposals, until somebody who may takes them.
 */
@Service
public class Brought {
    /** What a file tells of a finding. */
    public enum Said {
        READ,
        WAIVER
    }

    /** A read or waiver as a file tells it; {@code who} is a name from elsewhere. */
    public record Proposal(String finding, Said said, String reason, String who, String when) {}

    /** {@code here} is the house's revision of a standard that the file has otherwise; 0 when the house has none. */
    public record BroughtStandard(Standard standard, int here) {}

    /** Parts and standards that are the package's own. */
    public record Own(List<ItemType> parts, List<BroughtStandard> standards) {
        public int count() {
            return parts.size() + standards.size();
        }
    }

    private record Made(List<String> parts, List<String> standards, Catalogue house) {}

    private final Rows.PackageParts parts;
    private final Rows.PackageStandards standards;
    private final Rows.Proposals proposals;
    private final CatalogueStore catalogue;
    private final HarborCodec codec;
    private final Flights<Made, Catalogue> made = new Flights<>(100);

    Brought(
            Rows.PackageParts parts,
            Rows.PackageStandards standards,
            Rows.Proposals proposals,
            CatalogueStore catalogue,
            HarborCodec codec) {
        this.parts = parts;
        this.standards = standards;
        this.proposals = proposals;
        this.catalogue = catalogue;
        this.codec = codec;
    }

    /**
     * Keeps the parts and standards of a file that the house has not, as the package's own.
     *
     * @throws Refusal when a part's revision is on file with other contents: revisions never change
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void bring(String job, Catalogue file) {
        Catalogue house = catalogue.catalogue();
        for (ItemType type : file.all()) {
            if (catalogue.isNew(type)) {
                parts.save(new PackagePartRow(partKey(job, type.ref()), codec.writeType(type)));
            }
        }
        for (Standard row : file.standards().all()) {
            boolean known = house.standards().find(row.id()).filter(row::equals).isPresent();
            boolean older = house.standards()
                    .find(row.id())
                    .filter(h -> h.revision() >= row.revision())
                    .isPresent();
            if (!known && !older) {
                standards.save(
                        new PackageStandardRow(new PackageStandardRow.Key(job, row.id()), codec.writeStandard(row)));
            }
        }
    }

    private static PackagePartRow.Key partKey(String job, TypeRef type) {
        return new PackagePartRow.Key(job, type.id(), type.revision());
    }

    /**
     * The parts that a job is built from: the house's, and the package's own. Standards of the house go before a
     * file's.
     */
    @Transactional(readOnly = true)
    public Catalogue catalogueOf(String job) {
        Catalogue house = catalogue.catalogue();
        List<String> ownParts = parts.of(job);
        List<String> ownStandards = standards.of(job);
        return ownParts.isEmpty() && ownStandards.isEmpty()
                ? house
                : made.get(new Made(ownParts, ownStandards, house), () -> together(house, ownParts, ownStandards));
    }

    private Catalogue together(Catalogue house, List<String> ownParts, List<String> ownStandards) {
        Map<TypeRef, ItemType> all = new LinkedHashMap<>();
        ownParts.stream().map(codec::readType).forEach(t -> all.put(t.ref(), t));
        house.all().forEach(t -> all.putIfAbsent(t.ref(), t));
        Standards known = house.standards();
        List<Standard> more = ownStandards.stream()
                .map(codec::readStandard)
                .filter(s -> known.find(s.id()).isEmpty())
                .toList();
        Set<String> withheld = new HashSet<>(house.withheld());
        // What the package brings itself it is built of, whatever the house thinks of it.
        all.keySet().stream().limit(ownParts.size()).forEach(ref -> withheld.remove(ref.id()));
        return new Catalogue(all.values(), known.with(more)).withholding(withheld);
    }

    @Transactional(readOnly = true)
    public Own own(String job) {
        Standards house = catalogue.catalogue().standards();
        return new Own(
                parts.of(job).stream().map(codec::readType).toList(),
                standards.of(job).stream()
                        .map(codec::readStandard)
                        .map(s -> new BroughtStandard(
                                s, house.find(s.id()).map(Standard::revision).orElse(0)))
                        .toList());
    }

    /**
     * Makes the package's parts and standards the house's. A standard that the house has becomes its next revision,
     * whatever number the file gave it.
     */
    @Transactional(propagation = Propagation.MANDATORY)
    public void takeIntoHouse(String job) {
        Own own = own(job);
        Standards house = catalogue.catalogue().standards();
        List<Standard> next = own.standards().stream()
                .map(b -> b.here() == 0 ? b.standard() : b.standard().revised(b.here() + 1))
                .toList();
        catalogue.admit(new Catalogue(own.parts(), house.with(next)));
        parts.deleteAllByKeyJobId(job);
        standards.deleteAllByKeyJobId(job);
    }

    /** Forgets the standards of a file that the house has otherwise; the job is judged by the house's as before. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void leaveStandards(String job) {
        for (BroughtStandard b : own(job).standards()) {
            if (b.here() > 0) {
                standards.deleteById(
                        new PackageStandardRow.Key(job, b.standard().id()));
            }
        }
    }

    /** Keeps what a file tells of reads and waivers. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void propose(Job job) {
        List<ProposalRow> rows = new ArrayList<>();
        job.reads()
                .forEach(r -> rows.add(new ProposalRow(
                        FindingId.of(job.id(), r.finding()), Said.READ, "", cut(r.who(), 80), cut(r.when(), 40))));
        job.waivers()
                .forEach(w -> rows.add(new ProposalRow(
                        FindingId.of(job.id(), w.finding()),
                        Said.WAIVER,
                        w.reason(),
                        cut(w.who(), 80),
                        cut(w.when(), 40))));
        proposals.saveAll(rows);
    }

    private static String cut(String text, int most) {
        return text.length() > most ? text.substring(0, most) : text;
    }

    @Transactional(readOnly = true)
    public List<Proposal> proposals(String job) {
        return proposals.of(job).stream()
                .map(p -> new Proposal(p.id.finding(), p.kind, p.reason, p.who, p.saidAt))
                .toList();
    }

    /** Somebody of the house has said the same, or will not: the proposal is done with. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void settle(String job, List<String> findings) {
        proposals.deleteAllById(
                findings.stream().map(f -> new FindingId(job, f)).toList());
    }
}
