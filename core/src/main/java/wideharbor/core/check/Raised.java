package wideharbor.core.check;

import java.util.List;

/**
 * What an edit raises, told apart: titles that are news, and how many trial fits it asks for, as every new joint does.
 */
public record Raised(List<String> titles, int trialFits) {
    /** The check that asks for them. */
    public static final String TRIAL_FIT = "joints.trial";

    public static Raised of(List<Finding> findings) {
        List<String> news = findings.stream()
                .filter(f -> !isTrial(f))
                .map(Finding::title)
                .distinct()
                .toList();
        return new Raised(news, (int) findings.stream().filter(Raised::isTrial).count());
    }

    private static boolean isTrial(Finding finding) {
        return finding.key().check().equals(TRIAL_FIT);
    }
}
