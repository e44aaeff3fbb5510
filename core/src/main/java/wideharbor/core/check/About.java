package wideharbor.core.check;

import java.util.List;
import wideharbor.core.job.Subject;

/**
 * What a result is about: which fact, of what.
 *
 * @param aspect a stable word for the fact; no two facts that a check can find of one subject share it
 */
public record About(String aspect, List<Subject> subjects) {
    public About {
        subjects = List.copyOf(subjects);
    }

    public static About of(String aspect, Subject... subjects) {
        return new About(aspect, List.of(subjects));
    }

    /** The same subjects, another fact of them. */
    public About as(String other) {
        return new About(other, subjects);
    }
}
