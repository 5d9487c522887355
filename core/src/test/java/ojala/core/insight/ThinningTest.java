package ojala.core.insight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/** A long line made short. */
public class ThinningTest {
    @Test
    public void aShortLineStaysAsItIs() {
        assertThat(Thinning.thin(List.of(3, 1, 2), 4, Integer::doubleValue)).containsExactly(3, 1, 2);
    }

    @Test
    public void aFallOfASingleCommitIsStillSeen() {
        List<Integer> year = new ArrayList<>(Collections.nCopies(18_000, 90));
        year.set(7_123, 40);
        year.set(7_124, 99);
        List<Integer> thinned = Thinning.thin(year, 600, Integer::doubleValue);
        assertThat(thinned).hasSizeLessThanOrEqualTo(600).contains(40, 99);
    }

    @Test
    public void theEndsStayAndTheOrderToo() {
        Random random = new Random(7);
        for (int size : new int[] {5, 17, 100, 1001}) {
            List<Double> heights = random.doubles(size).boxed().toList();
            List<Integer> places = IntStream.range(0, size).boxed().toList();
            List<Integer> thinned = Thinning.thin(places, 5, heights::get);
            assertThat(thinned).isSorted().doesNotHaveDuplicates().hasSizeLessThanOrEqualTo(5);
            assertThat(thinned).startsWith(0).endsWith(size - 1);
        }
    }

    @Test
    public void fewerThanFourPointsAreNoLine() {
        assertThatThrownBy(() -> Thinning.thin(List.of(1), 3, Integer::doubleValue))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
