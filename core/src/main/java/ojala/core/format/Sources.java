package ojala.core.format;

import com.github.luben.zstd.Zstd;
import java.nio.ByteBuffer;
import java.util.AbstractMap;
import java.util.AbstractSet;
import java.util.Iterator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BinaryOperator;
import ojala.core.model.Hits;
import ojala.core.model.LineSet;
import ojala.core.model.Measurement;
import ojala.core.tally.Leaf;
import org.jspecify.annotations.Nullable;

/**
 * The measurements of one report by path, rising. The first ones lie there as they are; what would take more than a
 * part of the heap is packed, and unpacked each time one is asked for, so that a report of very many sources fits into
 * little memory.
 */
final class Sources extends AbstractMap<String, Measurement> {
    /** So many bytes of heap there must be for each number that lies unpacked; it takes about ten of them. */
    private static final int HEAP_FOR_EACH = 64;

    private static final int FASTEST = 1;

    private final TreeMap<String, Object> entries = new TreeMap<>();
    private final long mostPlain;
    private long plain;

    Sources() {
        this(Runtime.getRuntime().maxMemory() / HEAP_FOR_EACH);
    }

    /** @param mostPlain numbers that may lie unpacked */
    Sources(long mostPlain) {
        this.mostPlain = mostPlain;
    }

    /** A measurement as bytes. */
    private record Packed(byte[] leaf, int leafSize, byte @Nullable [] hits, int lines, Map<String, LineSet> tests) {
        static Packed of(Measurement measured) {
            byte[] leaf = Leaf.write(measured.coverage());
            return new Packed(
                    Zstd.compress(leaf, FASTEST),
                    leaf.length,
                    measured.hits().map(Packed::bytes).orElse(null),
                    measured.coverage().lines().size(),
                    measured.tests());
        }

        private static byte[] bytes(Hits hits) {
            ByteBuffer bytes = ByteBuffer.allocate(hits.size() * Long.BYTES);
            for (int i = 0; i < hits.size(); i++) {
                bytes.putLong(hits.at(i));
            }
            return Zstd.compress(bytes.array(), FASTEST);
        }

        Measurement unpacked() {
            return new Measurement(
                    Leaf.read(Zstd.decompress(leaf, leafSize)),
                    Optional.ofNullable(hits).map(this::hits),
                    new TreeMap<>(tests));
        }

        private Hits hits(byte[] packed) {
            ByteBuffer bytes = ByteBuffer.wrap(Zstd.decompress(packed, lines * Long.BYTES));
            long[] all = new long[lines];
            bytes.asLongBuffer().get(all);
            return new Hits(all);
        }
    }

    /** Adds what is told of a path; what was told before is united with it. */
    void add(String path, Measurement measured, BinaryOperator<Measurement> union) {
        Object before = entries.get(path);
        Measurement now = before == null ? measured : union.apply(measurement(before), measured);
        long size = size(now);
        boolean packs = plain + size > mostPlain;
        plain += packs ? 0 : size;
        entries.put(path, packs ? Packed.of(now) : now);
    }

    private static long size(Measurement measured) {
        return measured.coverage().lines().size()
                + 20L * measured.coverage().branches().size()
                + 10L * measured.coverage().functions().size()
                + 3L * measured.coverage().statements().size();
    }

    private static Measurement measurement(Object entry) {
        return entry instanceof Packed packed ? packed.unpacked() : (Measurement) entry;
    }

    @Override
    public @Nullable Measurement get(Object path) {
        Object entry = entries.get(path);
        return entry == null ? null : measurement(entry);
    }

    @Override
    public boolean containsKey(Object path) {
        return entries.containsKey(path);
    }

    @Override
    public Set<String> keySet() {
        return java.util.Collections.unmodifiableSet(entries.keySet());
    }

    @Override
    public Set<Entry<String, Measurement>> entrySet() {
        return new AbstractSet<>() {
            @Override
            public Iterator<Entry<String, Measurement>> iterator() {
                Iterator<Entry<String, Object>> each = entries.entrySet().iterator();
                return new Iterator<>() {
                    @Override
                    public boolean hasNext() {
                        return each.hasNext();
                    }

                    @Override
                    public Entry<String, Measurement> next() {
                        Entry<String, Object> entry = each.next();
                        return Map.entry(entry.getKey(), measurement(entry.getValue()));
                    }
                };
            }

            @Override
            public int size() {
                return entries.size();
            }
        };
    }
}
