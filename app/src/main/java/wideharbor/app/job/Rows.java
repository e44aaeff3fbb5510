package wideharbor.app.job;

import jakarta.persistence.LockModeType;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import wideharbor.app.web.Named;

/** The repositories of this package, together because only the stores here use them. */
final class Rows {
    private Rows() {}

    interface Jobs extends JpaRepository<JobRow, String>, JpaSpecificationExecutor<JobRow> {
        String LEFT = "(wideharbor.core.dispatch.Gate.Stage.DISPATCHED, wideharbor.core.dispatch.Gate.Stage.RETURNED, "
                + "wideharbor.core.dispatch.Gate.Stage.RECONCILED)";
        String OPEN = " where j.stage not in " + LEFT + " and j.archivedAt is null ";
        String STALE = "and (j.judgedUnder <> ?1 or j.judgedWith <> ?2) ";

        @Lock(LockModeType.PESSIMISTIC_WRITE)
        @Query("select j from JobRow j where j.id = ?1")
        Optional<JobRow> lock(String id);

        @Query("select new wideharbor.app.web.Named(j.id, j.title) from JobRow j where j.id in ?1")
        List<Named> titles(Collection<String> ids);

        @Query("select j.stateNo from JobRow j where j.id = ?1")
        Optional<Long> stateNo(String id);

        /** Every job that has not left, the next load-out first. */
        @Query("select j.id from JobRow j" + OPEN + "order by j.loadAt, j.id")
        List<String> open();

        /** All that load out within a time and are not laid aside, the first first. */
        @Query("select j from JobRow j where j.archivedAt is null and j.loadAt >= ?1 and j.loadAt < ?2 "
                + "order by j.loadAt, j.id")
        List<JobRow> loadingOut(LocalDateTime from, LocalDateTime until, Limit limit);

        /** Open jobs that were not judged under these rules by these checks, the next load-out first. */
        @Query("select j.id from JobRow j" + OPEN + STALE + "order by j.loadAt, j.id")
        List<String> stale(long rules, String checks, Limit limit);

        @Query("select count(j) from JobRow j" + OPEN + STALE)
        int countStale(long rules, String checks);

        @Query("select count(j) from JobRow j" + OPEN)
        int countOpen();

        /** Open jobs whose verdict these rules made another one. */
        @Query("select new wideharbor.app.web.Named(j.id, j.title) from JobRow j" + OPEN
                + "and j.turnedUnder = ?1 order by j.loadAt, j.id")
        List<Named> turned(long rules, Limit limit);

        /** Deleted, and nobody wanted them back until now. */
        @Modifying
        @Query("delete from JobRow j where j.forgetAt < ?1")
        int forget(LocalDateTime now);

        @Query("select distinct j.operator from JobRow j where j.operator <> '' order by j.operator")
        List<String> operators(Limit limit);
    }

    /** A job, and the codes of the pieces that one of its bodies was built with. */
    record WithPieces(String job, String pieces) {}

    interface Builds extends JpaRepository<BuildRow, BuildRow.Key> {
        @Query("select b from BuildRow b where b.key.jobId = ?1 and b.takenOff = false order by b.ordinal")
        List<BuildRow> of(String job);

        @Query("select b from BuildRow b where b.key.jobId = ?1 order by b.ordinal")
        List<BuildRow> everyOf(String job);

        @Query("select new wideharbor.app.job.Rows$WithPieces(b.key.jobId, b.pieces) from BuildRow b, JobRow j "
                + "where j.id = b.key.jobId and b.takenOff = false and trim(b.pieces) <> '' and j.archivedAt is null "
                + "and j.stage not in " + Jobs.LEFT + " order by j.loadAt, j.id, b.ordinal")
        List<WithPieces> withPieces();

        @Query("select b from BuildRow b where b.key.jobId in ?1 and b.takenOff = false order by b.ordinal")
        List<BuildRow> ofAll(List<String> jobs);
    }

    interface Kits extends JpaRepository<KitRow, KitRow.Key> {
        @Query("select k from KitRow k where k.key.jobId = ?1 order by k.key.typeId")
        List<KitRow> of(String job);
    }

    interface Entries extends JpaRepository<JournalRow, JournalRow.Key> {
        @Query("select new wideharbor.app.job.Journal$Step(e.key.seq, e.kind, e.ofSeq, e.who, e.summary) "
                + "from JournalRow e where e.key.jobId = ?1 and e.key.buildId = ?2 and e.key.seq < ?3 "
                + "order by e.key.seq desc")
        List<Journal.Step> steps(String job, String build, int before, Limit limit);

        @Query("select new wideharbor.app.job.Journal$Step(e.key.seq, e.kind, e.ofSeq, e.who, e.summary) "
                + "from JournalRow e where e.key.jobId = ?1 and e.key.buildId = ?2 and e.key.seq = ?3")
        Optional<Journal.Step> step(String job, String build, int seq);

        @Query("select e from JournalRow e where e.key.jobId = ?1 and (e.reason <> '' or e.name <> '') "
                + "order by e.doneAt desc, e.key.seq desc")
        List<JournalRow> decided(String job, Limit limit);

        @Query("select e.inverse from JournalRow e where e.key.jobId = ?1 and e.key.buildId = ?2 "
                + "and e.key.seq > ?3 order by e.key.seq desc")
        List<String> inverses(String job, String build, int after, Limit limit);

        @Query("select e from JournalRow e where e.key.jobId = ?1 and e.key.buildId = ?2 order by e.key.seq desc")
        List<JournalRow> latest(String job, String build, Limit limit);
    }

    interface Reads extends JpaRepository<ReadRow, FindingId> {
        @Query("select r from ReadRow r where r.id.jobId = ?1 and r.keyForm = 2 order by r.id.finding")
        List<ReadRow> of(String job);

        @Query("select r from ReadRow r where r.keyForm = 1 order by r.id.jobId, r.id.finding")
        List<ReadRow> old();
    }

    interface Waivers extends JpaRepository<WaiverRow, FindingId> {
        @Query("select w from WaiverRow w where w.id.jobId = ?1 and w.keyForm = 2 order by w.id.finding")
        List<WaiverRow> of(String job);

        @Query("select w from WaiverRow w where w.keyForm = 1 order by w.id.jobId, w.id.finding")
        List<WaiverRow> old();
    }

    interface PackageParts extends JpaRepository<PackagePartRow, PackagePartRow.Key> {
        @Query("select p.content from PackagePartRow p where p.key.jobId = ?1 order by p.key.typeId, p.key.revision")
        List<String> of(String job);

        void deleteAllByKeyJobId(String job);
    }

    interface PackageStandards extends JpaRepository<PackageStandardRow, PackageStandardRow.Key> {
        @Query("select s.content from PackageStandardRow s where s.key.jobId = ?1 order by s.key.id")
        List<String> of(String job);

        void deleteAllByKeyJobId(String job);
    }

    interface Proposals extends JpaRepository<ProposalRow, FindingId> {
        @Query("select p from ProposalRow p where p.id.jobId = ?1 order by p.id.finding")
        List<ProposalRow> of(String job);
    }

    interface Signatures extends JpaRepository<SignatureRow, SignatureRow.Key> {
        @Query("select s from SignatureRow s where s.key.jobId = ?1 and s.key.jobRevision = ?2 order by s.signedAt")
        List<SignatureRow> of(String job, int revision);
    }
}
