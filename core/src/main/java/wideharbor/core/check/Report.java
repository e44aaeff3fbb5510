package wideharbor.core.check;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import wideharbor.core.id.BuildId;
import wideharbor.core.id.ConfigurationId;
import wideharbor.core.job.FindingKey;
import wideharbor.core.quantity.CheckState;

/**
 * The outcome of every check over a job, ordered once: stops, cautions, notes; within each by check and key.
 *
 * @param looked how many subjects each check looked at; a check that looked at none says so
 */
public record Report(List<Finding> findings, Map<String, Integer> looked) {
    public Report {
        findings = List.copyOf(findings);
        looked = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(looked));
    }

    /** The findings of one configuration alone, in the same order. */
    public Report of(BuildId build, ConfigurationId configuration) {
        return new Report(
                findings.stream()
                        .filter(f -> f.key().build().equals(build)
                                && f.key().configuration().equals(configuration))
                        .toList(),
                looked);
    }

    public Optional<Finding> find(FindingKey key) {
        return findings.stream().filter(f -> f.key().equals(key)).findFirst();
    }

    public List<Finding> of(String check) {
        return findings.stream().filter(f -> f.key().check().equals(check)).toList();
    }

    /** How a check ended overall; a check that looked at nothing found nothing out. */
    public CheckState stateOf(String check) {
        CheckState worst = looked.getOrDefault(check, 0) == 0 ? CheckState.NOT_CHECKED : CheckState.FINE;
        for (Finding finding : of(check)) {
            worst = finding.state().compareTo(worst) > 0 ? finding.state() : worst;
        }
        return worst;
    }

    public Set<FindingKey> keys() {
        return findings.stream().map(Finding::key).collect(Collectors.toSet());
    }

    /** What an edit did to the findings. */
    public Change since(Report before) {
        Set<FindingKey> old = before.keys();
        Set<FindingKey> now = keys();
        return new Change(
                before.findings.stream().filter(f -> !now.contains(f.key())).toList(),
                findings.stream().filter(f -> !old.contains(f.key())).toList());
    }

    /** Findings gone and findings new. */
    public record Change(List<Finding> cleared, List<Finding> raised) {}
}
