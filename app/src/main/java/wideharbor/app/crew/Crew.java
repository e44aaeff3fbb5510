package wideharbor.app.crew;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.security.Accounts;
import wideharbor.app.security.JobsSeen;
import wideharbor.app.security.People;
import wideharbor.app.security.Role;
import wideharbor.app.web.Refusal;

/** Who of a crew sees which job. That ends by itself on the day after the gear is back. */
@Service
class Crew implements JobsSeen {
    private final CrewRows rows;
    private final JobStore jobs;
    private final People people;
    private final Accounts accounts;
    private final Clock clock;

    Crew(CrewRows rows, JobStore jobs, People people, Accounts accounts, Clock clock) {
        this.rows = rows;
        this.jobs = jobs;
        this.people = people;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** @param until the last day on which they see the job */
    record CrewMember(
            String id,
            String username,
            String displayName,
            String invitedBy,
            Instant since,
            LocalDate until,
            boolean ended) {}

    /** @param code for who is new in the house; empty for who has a password already */
    record CrewInvited(CrewMember member, String code) {}

    /** Whether somebody is of a crew and nothing else here. */
    static boolean isOutside(Authentication who) {
        return Role.of(who).equals(Set.of(Role.CREW));
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Set<String>> only() {
        return Optional.ofNullable(SecurityContextHolder.getContext().getAuthentication())
                .filter(Crew::isOutside)
                .map(who ->
                        rows.jobsOf(who.getName()).stream().filter(this::isOn).collect(Collectors.toSet()));
    }

    private boolean isOn(String job) {
        return !LocalDate.now(clock).isAfter(until(job));
    }

    private LocalDate until(String job) {
        return jobs.load(job).job().brief().dates().back();
    }

    @Transactional(readOnly = true)
    List<CrewMember> of(String job) {
        LocalDate until = until(job);
        return rows.of(job).stream().map(row -> member(row, until)).toList();
    }

    private CrewMember member(CrewRow row, LocalDate until) {
        String id = row.key().userId();
        return new CrewMember(
                id,
                accounts.username(id),
                accounts.displayName(id),
                accounts.displayName(row.invitedBy()),
                row.since(),
                until,
                row.hasEnded() || LocalDate.now(clock).isAfter(until));
    }

    /** Lets somebody see the job: a new person by a code, one of an earlier crew as they are. */
    @Transactional
    CrewInvited invite(String job, String username, String displayName, String by) {
        LocalDate until = until(job);
        if (LocalDate.now(clock).isAfter(until)) {
            throw Refusal.conflict("This job came back on " + until + "; nobody is let in after that.");
        }
        Optional<String> known = accounts.idOf(username);
        if (known.isPresent() && !people.isOnly(known.get(), Role.CREW)) {
            throw Refusal.conflict("'" + username + "' works in this house and sees the job already.");
        }
        String code = "";
        String id;
        if (known.isPresent()) {
            id = known.get();
        } else {
            People.Invited invited = people.invite(username, displayName, Set.of(Role.CREW));
            id = invited.person().id();
            code = invited.code();
        }
        CrewRow row = new CrewRow(new CrewRow.Key(id, job), by, clock.instant().truncatedTo(ChronoUnit.MICROS));
        return new CrewInvited(member(rows.save(row), until), code);
    }

    @Transactional
    void end(String job, String user) {
        rows.findById(new CrewRow.Key(user, job))
                .orElseThrow(() -> Refusal.notFound("Nobody of that id is of this job's crew."))
                .end();
    }
}
