package ojala.wire;

import java.util.List;

/**
 * One commit of a trend.
 *
 * @param place its place in the branch's first-parent order, from 0 for the oldest
 * @param verdict on the push of that commit
 * @param doubts the kinds of doubt that the verdict had
 */
public record TrendPoint(int place, CommitLine commit, String verdict, List<String> doubts, CountDocument count) {}
