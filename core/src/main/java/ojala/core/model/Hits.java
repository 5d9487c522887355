package ojala.core.model;

import java.util.Arrays;

/** How often each measurable line ran, beside a source's {@link Lines}: same order, same length. Immutable. */
public final class Hits {
    private final long[] hits;

    /** Takes the array over; no value is negative, {@link Long#MAX_VALUE} stands for it and everything above. */
    public Hits(long[] hits) {
        this.hits = hits;
    }

    public int size() {
        return hits.length;
    }

    public long at(int index) {
        return hits[index];
    }

    /** A sum that stays at {@link Long#MAX_VALUE} instead of overflowing. */
    public static long sum(long a, long b) {
        long sum = a + b;
        return sum < 0 ? Long.MAX_VALUE : sum;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Hits that && Arrays.equals(hits, that.hits);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(hits);
    }

    @Override
    public String toString() {
        return Arrays.toString(hits);
    }
}
