package wideharbor.format;

import java.util.List;

/** A file that cannot be taken as it is: every problem with its place. Nothing of it was stored. */
public final class HarborFormatException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    /** Where (a JSON pointer, or line and column) and what is wrong there. */
    public record Problem(String place, String message) {
        @Override
        public String toString() {
            return place + ": " + message;
        }
    }

    private final transient List<Problem> problems;

    public HarborFormatException(List<Problem> problems) {
        super(problems.stream()
                .map(Problem::toString)
                .reduce((a, b) -> a + "\n" + b)
                .orElse("unreadable file"));
        this.problems = List.copyOf(problems);
    }

    public HarborFormatException(String place, String message) {
        this(List.of(new Problem(place, message)));
    }

    public List<Problem> problems() {
        return problems;
    }
}
