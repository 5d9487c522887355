package ojala.core.gate;

/** What a breach of a rule means. */
public enum Severity {
    FAIL,
    WARN
}
