package ojala.core.format.v8;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;

/**
 * A range of a text with how often it ran. Offsets are UTF-16 code units from 0; {@code end} is the first one behind
 * it.
 */
record CountedRange(int start, int end, long count) {
    private static final Comparator<CountedRange> OUTERMOST_FIRST = Comparator.comparingInt(CountedRange::start)
            .thenComparing(Comparator.comparingInt(CountedRange::end).reversed());

    /**
     * Cuts ranges that lie in each other into pieces side by side, each with the count of the innermost; of two equal
     * ranges the later one is the inner. Costs sorting.
     */
    static List<CountedRange> innermost(List<CountedRange> nested) {
        List<CountedRange> pieces = new ArrayList<>();
        Deque<CountedRange> open = new ArrayDeque<>();
        int at = 0;
        for (CountedRange range : nested.stream().sorted(OUTERMOST_FIRST).toList()) {
            at = close(open, range.start(), at, pieces);
            if (!open.isEmpty()) {
                at = piece(at, range.start(), open.getLast().count(), pieces);
            }
            at = Math.max(at, range.start());
            open.addLast(range);
        }
        close(open, Integer.MAX_VALUE, at, pieces);
        return pieces;
    }

    /** Ends the ranges that end before an offset. */
    private static int close(Deque<CountedRange> open, int before, int from, List<CountedRange> pieces) {
        int at = from;
        while (!open.isEmpty() && open.getLast().end() <= before) {
            CountedRange ended = open.removeLast();
            at = piece(at, ended.end(), ended.count(), pieces);
        }
        return at;
    }

    private static int piece(int from, int to, long count, List<CountedRange> pieces) {
        if (to > from) {
            pieces.add(new CountedRange(from, to, count));
        }
        return Math.max(from, to);
    }
}
