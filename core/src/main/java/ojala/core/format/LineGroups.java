package ojala.core.format;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Things that belong to lines, gathered in any order and given back line by line, rising. Costs no more than appending
 * while they come in order, as they mostly do. Used again after {@link #clear}.
 */
public final class LineGroups<T> {
    private int[] lines = new int[64];
    private List<T> things = new ArrayList<>();
    private boolean rising = true;

    /** Takes the things of one line, in the order in which they came; the list is only lent. */
    public interface Taker<T> {
        void take(int line, List<T> things);
    }

    public void add(int line, T thing) {
        int size = things.size();
        if (size == lines.length) {
            lines = Arrays.copyOf(lines, size * 2);
        }
        rising &= size == 0 || lines[size - 1] <= line;
        lines[size] = line;
        things.add(thing);
    }

    public void clear() {
        things.clear();
        rising = true;
    }

    public void forEach(Taker<T> taker) {
        if (!rising) {
            sort();
        }
        for (int from = 0; from < things.size(); ) {
            int to = from + 1;
            while (to < things.size() && lines[to] == lines[from]) {
                to++;
            }
            taker.take(lines[from], things.subList(from, to));
            from = to;
        }
    }

    private void sort() {
        int[] unsorted = lines.clone();
        List<T> before = things;
        int[] order = LineOrder.of(unsorted, before.size());
        things = new ArrayList<>(order.length);
        for (int i = 0; i < order.length; i++) {
            lines[i] = unsorted[order[i]];
            things.add(before.get(order[i]));
        }
        rising = true;
    }
}
