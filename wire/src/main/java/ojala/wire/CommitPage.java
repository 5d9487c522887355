package ojala.wire;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A commit as it was measured.
 *
 * @param counts through the settings that its newest verdict used
 * @param settings the commit whose settings those are; absent if there were none
 * @param measured how many files count
 * @param unmeasured the files that belong to the view and that no report mentions, at most 200
 */
public record CommitPage(
        CommitLine commit,
        List<String> parents,
        Map<String, CountDocument> counts,
        @Nullable String settings,
        int measured,
        List<String> unmeasured,
        int excluded,
        List<VerdictSummary> verdicts,
        List<DoubtDocument> doubts,
        List<SuiteTally> suites,
        List<DeliveryDocument> deliveries) {}
