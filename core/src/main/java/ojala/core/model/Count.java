package ojala.core.model;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Covered out of total, whole numbers, {@code 0 <= covered <= total}. */
public record Count(long covered, long total) {
    public static final Count NONE = new Count(0, 0);

    public Count {
        if (covered < 0 || covered > total) {
            throw new IllegalArgumentException("covered " + covered + " of total " + total);
        }
    }

    public long missed() {
        return total - covered;
    }

    public Count plus(Count other) {
        return new Count(covered + other.covered, total + other.total);
    }

    /**
     * {@code 79.99}: cut off after two places, never rounded, so that nothing becomes 100 or 0 that is not; {@code –}
     * of nothing.
     */
    public String percent() {
        if (total == 0) {
            return "–";
        }
        String cut = BigDecimal.valueOf(covered)
                .movePointRight(2)
                .divide(BigDecimal.valueOf(total), 2, RoundingMode.DOWN)
                .toPlainString();
        return covered > 0 && cut.equals("0.00") ? "<0.01" : cut;
    }
}
