package ojala.client.print;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import ojala.wire.CountDocument;

/** The distance of two shares in percentage points, computed with whole numbers. */
final class Points {
    private Points() {}

    static String between(CountDocument before, CountDocument after) {
        BigInteger difference = BigInteger.valueOf(after.covered())
                .multiply(BigInteger.valueOf(before.total()))
                .subtract(BigInteger.valueOf(before.covered()).multiply(BigInteger.valueOf(after.total())));
        BigInteger totals = BigInteger.valueOf(before.total()).multiply(BigInteger.valueOf(after.total()));
        BigDecimal points = new BigDecimal(difference.multiply(BigInteger.valueOf(100)))
                .divide(new BigDecimal(totals), 2, RoundingMode.DOWN);
        return (difference.signum() > 0 ? "+" : difference.signum() < 0 ? "−" : " ")
                + points.abs().toPlainString();
    }
}
