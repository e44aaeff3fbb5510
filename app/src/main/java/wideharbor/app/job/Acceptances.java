package wideharbor.app.job;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import wideharbor.app.security.Accounts;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;

/** The rows of what people accepted: cautions marked read, stops waived. */
@Component
class Acceptances {
    private final Rows.Reads reads;
    private final Rows.Waivers waivers;
    private final Accounts accounts;
    private final Clock clock;

    Acceptances(Rows.Reads reads, Rows.Waivers waivers, Accounts accounts, Clock clock) {
        this.reads = reads;
        this.waivers = waivers;
        this.accounts = accounts;
        this.clock = clock;
    }

    List<Job.CautionRead> reads(String job) {
        return reads.of(job).stream()
                .map(r -> new Job.CautionRead(
                        FindingKey.parse(r.id.finding()),
                        new Job.Accepted(r.excess, r.unit),
                        r.who,
                        r.readAt.toString()))
                .toList();
    }

    List<Job.Waiver> waivers(String job) {
        return waivers.of(job).stream()
                .map(w -> new Job.Waiver(
                        FindingKey.parse(w.id.finding()),
                        new Job.Accepted(w.acceptedExcess, w.unit),
                        w.reason,
                        w.who,
                        w.waivedAt.toString()))
                .toList();
    }

    /** What a new job of the house comes with; a name that signs in here is that person. */
    void copy(Job job) {
        job.reads()
                .forEach(r -> reads.save(new ReadRow(
                        FindingId.of(job.id(), r.finding()), r.accepted(), person(r.who()), instant(r.when()))));
        job.waivers()
                .forEach(w -> waivers.save(new WaiverRow(
                        FindingId.of(job.id(), w.finding()),
                        w.accepted(),
                        w.reason(),
                        person(w.who()),
                        instant(w.when()))));
    }

    /** The id of who signs in by this name; any other text stands for itself. */
    private String person(String name) {
        return accounts.idOf(name).orElse(name);
    }

    private Instant instant(String when) {
        try {
            return Instant.parse(when);
        } catch (java.time.format.DateTimeParseException e) {
            return now();
        }
    }

    void addReads(String job, Map<FindingKey, Job.Accepted> findings, String who) {
        findings.forEach((key, accepted) -> reads.save(new ReadRow(FindingId.of(job, key), accepted, who, now())));
    }

    void addWaivers(String job, Map<FindingKey, Job.Accepted> findings, String reason, String who) {
        findings.forEach(
                (key, accepted) -> waivers.save(new WaiverRow(FindingId.of(job, key), accepted, reason, who, now())));
    }

    void removeWaivers(String job, List<FindingKey> findings) {
        findings.forEach(f -> waivers.deleteById(FindingId.of(job, f)));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
