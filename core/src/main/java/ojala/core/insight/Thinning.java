package ojala.core.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/**
 * Makes a long line short without losing its shape: of each stretch the lowest and the highest point stay, and of the
 * whole line the first and the last, so that a sharp fall of a single commit is still seen.
 */
public final class Thinning {
    private Thinning() {}

    /**
     * The points that stay, in their order; all of them if there are no more than {@code most}.
     *
     * @param most at least 4
     */
    public static <T> List<T> thin(List<T> points, int most, ToDoubleFunction<T> height) {
        if (most < 4) {
            throw new IllegalArgumentException("a line of " + most + " points has no shape");
        }
        if (points.size() <= most) {
            return List.copyOf(points);
        }
        int stretches = (most - 2) / 2;
        TreeSet<Integer> kept = new TreeSet<>(List.of(0, points.size() - 1));
        Comparator<Integer> byHeight = Comparator.comparingDouble(i -> height.applyAsDouble(points.get(i)));
        for (int stretch = 0; stretch < stretches; stretch++) {
            int from = (int) ((long) points.size() * stretch / stretches);
            int to = (int) ((long) points.size() * (stretch + 1) / stretches);
            IntStream.range(from, to).boxed().min(byHeight).ifPresent(kept::add);
            IntStream.range(from, to).boxed().max(byHeight).ifPresent(kept::add);
        }
        List<T> thinned = new ArrayList<>();
        kept.forEach(i -> thinned.add(points.get(i)));
        return thinned;
    }
}
