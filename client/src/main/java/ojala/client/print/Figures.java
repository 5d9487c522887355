package ojala.client.print;

import java.util.Map;
import ojala.core.model.Count;
import ojala.wire.CountDocument;
import org.jspecify.annotations.Nullable;

/** Counts as figures: cut off, never rounded; a count that does not exist is a dash. */
final class Figures {
    private static final String NONE = "–";

    private Figures() {}

    /** {@code 87.41 %} */
    static String percent(Map<String, CountDocument> counts, String count) {
        return percent(counts.get(count));
    }

    static String percent(@Nullable CountDocument count) {
        return count == null || count.total() == 0 ? NONE : new Count(count.covered(), count.total()).percent() + " %";
    }

    /** {@code 2977 / 3258} */
    static String ratio(@Nullable CountDocument count) {
        return count == null ? NONE : count.covered() + " / " + count.total();
    }

    /** How many percentage points one share lies above another, cut off towards zero: {@code +0.31}. */
    static String points(@Nullable CountDocument before, @Nullable CountDocument after) {
        if (before == null || after == null || before.total() == 0 || after.total() == 0) {
            return "";
        }
        return Points.between(before, after);
    }

    /** A text, shortened at its end to a width. */
    static String cut(String text, int width) {
        return text.length() <= width ? text : text.substring(0, width - 1) + "…";
    }

    /** Line ranges, shortened at their end to a width: {@code 12-16,20 and 14 more}. */
    static String ranges(String ranges, int width) {
        if (ranges.length() <= width) {
            return ranges;
        }
        String[] all = ranges.split(",");
        StringBuilder shown = new StringBuilder();
        int i = 0;
        while (i < all.length && shown.length() + all[i].length() + " and 999 more".length() < width) {
            shown.append(i == 0 ? "" : ",").append(all[i++]);
        }
        return shown + " and " + (all.length - i) + " more";
    }
}
