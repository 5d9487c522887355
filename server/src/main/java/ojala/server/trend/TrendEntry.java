package ojala.server.trend;

import java.util.List;
import java.util.SortedMap;
import ojala.core.model.Counts;
import ojala.git.CommitInfo;

/**
 * What a judgement of a push adds to the trends.
 *
 * @param doubts the kinds of doubt that it had
 * @param counts by area; the empty name is the whole
 */
public record TrendEntry(CommitInfo commit, String verdict, List<String> doubts, SortedMap<String, Counts> counts) {
    /** The name that the whole goes under where areas go under theirs. */
    public static final String WHOLE = "";
}
