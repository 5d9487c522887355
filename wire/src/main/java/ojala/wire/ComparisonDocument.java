package ojala.wire;

import java.util.List;
import java.util.Map;

/**
 * Two commits beside each other, each through its own settings.
 *
 * @param lost how many lines, over all files
 * @param gained how many lines
 * @param bare how many lines
 * @param sources those that differ, by path
 */
public record ComparisonDocument(
        CommitLine from,
        CommitLine to,
        Map<String, CountDocument> before,
        Map<String, CountDocument> after,
        int lost,
        int gained,
        int bare,
        List<ComparedSource> sources) {}
