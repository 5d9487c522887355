package ojala.wire;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A verdict, from the service or from a judgement without it.
 *
 * @param verdict {@code pass}, {@code warn}, {@code fail}, {@code waiting}, {@code undecided} or {@code not-judged}
 * @param number rises with every verdict for the same head and target; absent without the service
 * @param pending whether something that was received is not in it yet
 */
public record VerdictDocument(
        int schema,
        String verdict,
        String headline,
        String advice,
        @Nullable String project,
        @Nullable String head,
        @Nullable String target,
        @Nullable Long number,
        boolean pending,
        List<RuleDocument> rules,
        ChangeDocument change,
        List<DoubtDocument> doubts,
        List<AwaitedDocument> awaited,
        List<SuiteDocument> suites,
        Map<String, CountDocument> whole,
        @Nullable ComparedDocument compared,
        @Nullable SettingsDocument settings,
        List<String> notes,
        @Nullable Instant decidedAt,
        @Nullable String page) {

    /** What two verdicts must have in common to say the same: all but their number and time. */
    public VerdictDocument timeless() {
        return copy(null, pending, null);
    }

    /** The same as it stands now. */
    public VerdictDocument asNumbered(long itsNumber, boolean nowPending) {
        return copy(itsNumber, nowPending, decidedAt);
    }

    private VerdictDocument copy(@Nullable Long number, boolean pending, @Nullable Instant decidedAt) {
        return new VerdictDocument(
                schema, verdict, headline, advice, project, head, target, number, pending, rules, change, doubts,
                awaited, suites, whole, compared, settings, notes, decidedAt, page);
    }
}
