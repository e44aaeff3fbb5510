package wideharbor.app.job;

import jakarta.persistence.criteria.Predicate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.data.jpa.domain.Specification;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import wideharbor.app.judging.CheckVersion;
import wideharbor.app.ways.HouseState;
import wideharbor.core.check.Verdict;
import wideharbor.core.dispatch.Gate;

/** The list of jobs, from what was counted when each last changed. */
@Component
public class JobList {
    /** Jobs on one page of the list. */
    static final int PAGE = 100;

    private static final int MOST_OPERATORS = 500;

    /** More words than anybody types find nothing more. */
    private static final int MOST_WORDS = 12;

    private static final List<String> SEARCHED = List.of("title", "place", "operator");
    private static final char ESCAPE = '!';
    private static final Sort NEWEST_FIRST = Sort.by(Sort.Order.desc("loadAt"), Sort.Order.asc("id"));

    private final Rows.Jobs jobs;
    private final Rows.Builds builds;
    private final HouseState house;
    private final CheckVersion checks;

    JobList(Rows.Jobs jobs, Rows.Builds builds, HouseState house, CheckVersion checks) {
        this.jobs = jobs;
        this.builds = builds;
        this.house = house;
        this.checks = checks;
    }

    /**
     * What the list shows of a job.
     *
     * @param stale the verdict is of other rules or checks than those of now, and is being made anew
     * @param forgetAt from when on a deleted job is gone for good
     */
    record Row(
            String id,
            String title,
            LocalDateTime loadAt,
            String place,
            String operator,
            Gate.Stage stage,
            Verdict verdict,
            int configurationsClear,
            int configurationsAll,
            boolean stale,
            Optional<LocalDateTime> forgetAt,
            List<String> builds) {}

    /** A page of the list, and how many jobs there are in all that answer the search. */
    record Found(List<Row> rows, long total) {}

    /** Newest load-out first; every word of the search stands in title, place or operator, in any order. */
    @Transactional(readOnly = true)
    Found find(String search, boolean archived, int page, Optional<Set<String>> only) {
        PageRequest asked = PageRequest.of(Math.max(0, page), PAGE, NEWEST_FIRST);
        Page<JobRow> found =
                jobs.findAll(having(search).and(laidAside(archived)).and(among(only)), asked);
        return new Found(rows(found.getContent()), found.getTotalElements());
    }

    private static Specification<JobRow> laidAside(boolean archived) {
        return (job, query, make) ->
                archived ? make.isNotNull(job.get("archivedAt")) : make.isNull(job.get("archivedAt"));
    }

    private static Specification<JobRow> among(Optional<Set<String>> only) {
        return (job, query, make) -> only.map(ids -> job.get("id").in(ids)).orElseGet(make::conjunction);
    }

    private static Specification<JobRow> having(String search) {
        List<String> words = Arrays.stream(search.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .limit(MOST_WORDS)
                .toList();
        return (job, query, make) -> make.and(words.stream()
                .map(word -> make.or(SEARCHED.stream()
                        .map(field -> make.like(make.lower(job.get(field)), "%" + plain(word) + "%", ESCAPE))
                        .toArray(Predicate[]::new)))
                .toArray(Predicate[]::new));
    }

    /** What stands for any text in the database's patterns stands for itself. */
    private static String plain(String word) {
        return word.replaceAll("([!%_])", "!$1");
    }

    private List<Row> rows(List<JobRow> rows) {
        Map<String, List<String>> ids = new LinkedHashMap<>();
        for (BuildRow build : builds.ofAll(rows.stream().map(r -> r.id).toList())) {
            ids.computeIfAbsent(build.key.jobId(), k -> new ArrayList<>()).add(build.key.buildId());
        }
        long rules = house.rules();
        return rows.stream()
                .map(r -> new Row(
                        r.id,
                        r.title,
                        r.loadAt,
                        r.place,
                        r.operator,
                        r.stage,
                        new Verdict(r.clear, r.stops, r.undecided, r.unreadCautions, 0, 0, 0),
                        r.configurationsClear,
                        r.configurationsAll,
                        r.archivedAt == null && r.isStale(rules, checks.id()),
                        Optional.ofNullable(r.forgetAt),
                        ids.getOrDefault(r.id, List.of())))
                .toList();
    }

    /** Who operates in the jobs on file, each once. */
    @Transactional(readOnly = true)
    public List<String> operators() {
        return jobs.operators(Limit.of(MOST_OPERATORS));
    }
}
