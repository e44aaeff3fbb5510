package wideharbor.app.media;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.job.JobStore;
import wideharbor.app.live.Happened;
import wideharbor.app.security.Accounts;
import wideharbor.app.web.Refusal;
import wideharbor.core.brief.Shoot;
import wideharbor.core.build.Build;
import wideharbor.core.build.GearPackage;
import wideharbor.core.id.BuildId;
import wideharbor.core.job.Job;
import wideharbor.core.media.MediaDay;
import wideharbor.core.media.Recorder;
import wideharbor.core.media.RollLog;
import wideharbor.core.media.RollLog.Kept;
import wideharbor.core.media.RollLog.Stage;
import wideharbor.core.media.RollLog.Step;
import wideharbor.core.quantity.Words;

/** The log of a job's rolls. */
@Service
class Rolls {
    /** More than a month of three bodies. */
    private static final int MOST = 2000;

    private static final int IN_HAND = 4;

    private final RollRows rows;
    private final RollStepRows steps;
    private final JobStore jobs;
    private final Accounts accounts;
    private final Happened happened;
    private final Clock clock;

    Rolls(RollRows rows, RollStepRows steps, JobStore jobs, Accounts accounts, Happened happened, Clock clock) {
        this.rows = rows;
        this.steps = steps;
        this.jobs = jobs;
        this.accounts = accounts;
        this.happened = happened;
        this.clock = clock;
    }

    /** The last first. */
    @Transactional(readOnly = true)
    List<MediaViews.RollLine> of(String job) {
        if (!jobs.exists(job)) {
            throw Refusal.notFound("There is no job '" + job + "'.");
        }
        return log(job).rolls().stream()
                .sorted(Comparator.comparing((Kept r) -> r.steps().get(0).at()).reversed())
                .map(this::line)
                .toList();
    }

    private MediaViews.RollLine line(Kept roll) {
        return new MediaViews.RollLine(
                roll.id(),
                roll.name(),
                roll.build(),
                roll.card(),
                roll.mode(),
                roll.stage(),
                roll.stage().next(),
                roll.stage().before(),
                roll.steps().stream()
                        .map(s -> new MediaViews.RollStep(s.stage(), accounts.displayName(s.who()), s.at()))
                        .toList());
    }

    private RollLog log(String job) {
        Map<String, List<RollStepRow>> byRoll =
                steps.ofJob(job).stream().collect(Collectors.groupingBy(RollStepRow::roll));
        return new RollLog(rows.findByJobOrderByName(job, Limit.of(MOST)).stream()
                .map(r -> r.roll(byRoll.getOrDefault(r.id(), List.of())))
                .toList());
    }

    /** What the next rolls of every body are called: as many as the day fills, and some in hand. */
    @Transactional(readOnly = true)
    List<RollLabels.Label> coming(String id) {
        Job job = jobs.load(id).job();
        RollLog log = log(id);
        List<RollLabels.Label> labels = new ArrayList<>();
        for (Build build : job.gear().builds()) {
            String mode = Recorder.of(job).stream()
                    .filter(r -> r.build().equals(build.id()))
                    .flatMap(r -> r.asked().stream())
                    .map(Shoot.Recording::mode)
                    .findFirst()
                    .orElse("");
            long filled = MediaDay.of(job).stream()
                    .flatMap(d -> d.rolls().stream())
                    .filter(r -> r.build().equals(build.id()) && !r.second())
                    .count();
            log.nextNames(build.id(), (int) filled + IN_HAND)
                    .forEach(n -> labels.add(new RollLabels.Label(n, build.title(), mode)));
        }
        return labels;
    }

    /** A card goes into a body: one that is sent twice is one roll. */
    @Transactional
    void begin(String job, MediaController.NewRoll fresh, String who) {
        GearPackage gear = jobs.lock(job).job().gear();
        if (rows.existsById(fresh.id())) {
            return;
        }
        BuildId build = BuildId.of(fresh.build());
        if (gear.builds().stream().noneMatch(b -> b.id().equals(build))) {
            throw Refusal.notFound("This job has no body '" + build + "'.");
        }
        RollLog log = log(job);
        if (log.rolls().size() >= MOST) {
            throw Refusal.conflict("A job keeps " + MOST + " rolls at the most.");
        }
        String card = fresh.card().strip();
        log.whyNotBegun(card).ifPresent(why -> {
            throw Refusal.conflict(why);
        });
        try {
            Step step = new Step(Stage.RECORDING, who, now());
            Kept roll = new Kept(
                    fresh.id(), log.nextName(build), build, card, fresh.mode().strip(), List.of(step));
            rows.saveAndFlush(new RollRow(job, roll));
            steps.save(new RollStepRow(fresh.id(), fresh.id(), step));
            happened.toJob(job);
        } catch (IllegalArgumentException e) {
            throw new Refusal(HttpStatus.BAD_REQUEST, Words.reason(e) + ".");
        }
    }

    @Transactional
    void move(String job, String id, MediaController.RollMove move, String who) {
        jobs.lock(job);
        if (steps.existsById(move.id())) {
            return;
        }
        RollLog log = log(job);
        Kept roll = log.rolls().stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("There is no such roll on this job."));
        log.whyNot(roll, move.stage()).ifPresent(why -> {
            throw Refusal.conflict(why);
        });
        steps.save(new RollStepRow(move.id(), id, new Step(move.stage(), who, now())));
        happened.toJob(job);
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MICROS);
    }
}
