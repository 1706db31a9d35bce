package eventide.check;

/** How loud a finding is. */
public enum Severity {
    /** Do not style. */
    STOP,
    /** Will spoil the result. */
    WARN,
    /** Worth knowing. */
    NOTE
}
