package wideharbor.core.check;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.job.Job;
import wideharbor.core.quantity.CheckState;

/**
 * Clear or held: every required configuration has no open stop, nothing of stop severity undecided or unchecked, and
 * every caution is marked read.
 *
 * @param stops open ones: found, not waived
 * @param open undecided or unchecked at stop severity
 */
public record Verdict(boolean clear, int stops, int open, int unreadCautions, int readCautions, int notes, int waived) {

    /** The finding is waived and not worse than accepted. A margin of 2 % keeps rounding from reopening it. */
    public static boolean isWaived(Finding finding, List<Job.Waiver> waivers) {
        return waivers.stream()
                .anyMatch(w -> w.finding().equals(finding.key())
                        && w.accepted().unit().equals(finding.evidence().unit())
                        && finding.evidence().excess() <= w.accepted().excess() * 1.02 + 1e-6);
    }

    /** Whether a finding by itself keeps a job from being clear. */
    public static boolean isOpen(Finding finding, Job job) {
        return !of(List.of(finding), job).clear();
    }

    /** Of a whole job. One without any body proves nothing: it is open. */
    public static Verdict of(Report report, Job job) {
        Verdict found = of(report.findings(), job);
        return job.gear().builds().isEmpty()
                ? new Verdict(
                        false,
                        found.stops,
                        found.open + 1,
                        found.unreadCautions,
                        found.readCautions,
                        found.notes,
                        found.waived)
                : found;
    }

    /** How a finding stands, the weightiest first. */
    private enum Standing {
        STOP,
        OPEN,
        UNREAD,
        WAIVED,
        READ,
        NOTE
    }

    /** A fault in what several configurations share is one fault: it counts once, as the weightiest of them stands. */
    public static Verdict of(List<Finding> findings, Job job) {
        Set<FindingKey> read =
                job.reads().stream().map(Job.CautionRead::finding).collect(Collectors.toSet());
        Map<FindingKey, Standing> each = new HashMap<>();
        for (Finding finding : findings) {
            each.merge(finding.key().anywhere(), standing(finding, job, read), (a, b) -> a.compareTo(b) <= 0 ? a : b);
        }
        int stops = Collections.frequency(each.values(), Standing.STOP);
        int open = Collections.frequency(each.values(), Standing.OPEN);
        int unread = Collections.frequency(each.values(), Standing.UNREAD);
        return new Verdict(
                stops + open + unread == 0,
                stops,
                open,
                unread,
                Collections.frequency(each.values(), Standing.READ),
                Collections.frequency(each.values(), Standing.NOTE),
                Collections.frequency(each.values(), Standing.WAIVED));
    }

    private static Standing standing(Finding finding, Job job, Set<FindingKey> read) {
        return switch (finding.severity()) {
            case NOTE -> Standing.NOTE;
            case CAUTION -> read.contains(finding.key()) ? Standing.READ : Standing.UNREAD;
            case STOP ->
                isWaived(finding, job.waivers())
                        ? Standing.WAIVED
                        : finding.state() == CheckState.FOUND ? Standing.STOP : Standing.OPEN;
        };
    }

    /** Verdict of each configuration of a build, by its id. */
    public static Map<ConfigurationId, Verdict> byConfiguration(Report report, Job job, BuildId build) {
        return job.gear().build(build).configurations().stream()
                .map(wideharbor.core.build.Configuration::id)
                .collect(Collectors.toMap(
                        Function.identity(),
                        id -> of(
                                report.findings().stream()
                                        .filter(f -> f.key().build().equals(build)
                                                && f.key().configuration().equals(id))
                                        .toList(),
                                job),
                        (a, b) -> a,
                        java.util.LinkedHashMap::new));
    }

    /** In words, numbers first: what a badge or a refused signature says. */
    public String inWords() {
        if (clear) {
            return "Clear";
        }
        StringBuilder words = new StringBuilder("Held by ");
        String joiner = "";
        if (stops > 0) {
            words.append(count(stops, "stop"));
            joiner = ", ";
        }
        if (open > 0) {
            words.append(joiner).append(open).append(" undecided");
            joiner = ", ";
        }
        if (unreadCautions > 0) {
            words.append(joiner).append(count(unreadCautions, "unread caution"));
        }
        return words.toString();
    }

    private static String count(int n, String word) {
        return n + " " + word + (n == 1 ? "" : "s");
    }
}
