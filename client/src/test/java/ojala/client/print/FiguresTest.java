package ojala.client.print;

import static org.assertj.core.api.Assertions.assertThat;

import ojala.wire.CountDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Counts as figures in a terminal. */
public class FiguresTest {
    private static CountDocument count(long covered, long total) {
        return new CountDocument(covered, total);
    }

    @Test
    public void percentagesAreCutOff() {
        assertThat(Figures.percent(count(79_999, 100_000))).isEqualTo("79.99 %");
        assertThat(Figures.percent(count(99_999_999, 100_000_000))).isEqualTo("99.99 %");
        assertThat(Figures.percent(count(0, 0))).isEqualTo("–");
        assertThat(Figures.percent((CountDocument) null)).isEqualTo("–");
        assertThat(Figures.ratio(count(3, 8))).isEqualTo("3 / 8");
    }

    @DataProvider
    public Object[][] moves() {
        return new Object[][] {
            {count(1, 2), count(3, 4), "+25.00"},
            {count(3, 4), count(1, 2), "−25.00"},
            {count(1, 3), count(2, 6), " 0.00"},
            {count(1, 3), count(33_333, 100_000), "−0.00"},
            {count(Long.MAX_VALUE / 2, Long.MAX_VALUE), count(Long.MAX_VALUE, Long.MAX_VALUE), "+50.00"},
            {count(0, 0), count(1, 2), ""},
        };
    }

    @Test(dataProvider = "moves")
    public void pointsAreComputedWithWholeNumbers(CountDocument before, CountDocument after, String expected) {
        assertThat(Figures.points(before, after)).isEqualTo(expected);
    }

    @Test
    public void rangesAreShortenedAtTheirEnd() {
        assertThat(Figures.ranges("1-3,7", 20)).isEqualTo("1-3,7");
        String shown = Figures.ranges("10-13,17,20-22,25,30,31-40,50,60", 24);
        assertThat(shown).startsWith("10-13").matches(".* and \\d+ more").hasSizeLessThanOrEqualTo(24);
        assertThat(Figures.cut("excluded: generated from the schema", 20)).isEqualTo("excluded: generated…");
    }
}
