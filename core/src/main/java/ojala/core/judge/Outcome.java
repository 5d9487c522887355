package ojala.core.judge;

import java.util.Locale;

/** How a change, or one rule, came out. */
public enum Outcome {
    PASS,
    WARN,
    FAIL,
    /** Suites are still to come. Of a verdict only. */
    WAITING,
    /** Doubts touch a rule that could fail. Of a verdict only. */
    UNDECIDED,
    /** Touched by a doubt. Of a rule only. */
    DOUBTED,
    /** What it needs is not known here, or not yet. */
    NOT_JUDGED;

    /** The word in JSON and tables: {@code not-judged}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
