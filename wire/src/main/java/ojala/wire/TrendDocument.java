package ojala.wire;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a count moved along a branch, in first-parent order, oldest first.
 *
 * @param area the area; absent for the whole
 * @param count its name, as rules write it
 * @param commits how many commits of the branch were measured; more than there are points if the trend was thinned
 * @param areas the areas and
 * @param counts the counts that there are trends of
 */
public record TrendDocument(
        String branch,
        @Nullable String area,
        String count,
        int commits,
        List<String> areas,
        List<String> counts,
        List<TrendPoint> points) {}
