package wideharbor.core.check;

/** How much a finding weighs: a stop holds the build, a caution must be read, a note informs. */
public enum Severity {
    STOP,
    CAUTION,
    NOTE
}
