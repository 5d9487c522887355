package ojala.core.tally;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.Counts;

/**
 * A folder of a tally: its entries by name, each with its digest and its counts. Canonical bytes, format 1, as written
 * down in {@code docs/canonical-bytes.md}.
 */
public record Node(SortedMap<String, Entry> entries) {
    private static final byte[] MAGIC = {'O', 'J', 'N', 1};

    /** What stands under a name in a folder. */
    public record Entry(Kind kind, Digest digest, Counts counts) {}

    /** What an entry's digest is of. The ordinal is the code in canonical bytes. */
    public enum Kind {
        LEAF,
        FOLDER
    }

    public Node {
        entries = Collections.unmodifiableSortedMap(new TreeMap<>(entries));
    }

    public Counts counts() {
        return entries.values().stream().map(Entry::counts).reduce(Counts.NONE, Counts::plus);
    }

    public byte[] write() {
        ByteWriter out = new ByteWriter().raw(MAGIC).number(entries.size());
        entries.forEach((name, entry) -> {
            out.octet(entry.kind().ordinal()).text(name).raw(entry.digest().bytes());
            Map<CountName, Count> counts = entry.counts().byName();
            out.number(counts.size());
            counts.forEach((count, value) ->
                    out.octet(count.ordinal()).number(value.covered()).number(value.total()));
        });
        return out.bytes();
    }

    public static Node read(byte[] bytes) {
        ByteReader in = new ByteReader(bytes);
        in.expect(MAGIC);
        SortedMap<String, Entry> entries = new TreeMap<>();
        int size = in.small();
        for (int i = 0; i < size; i++) {
            Kind kind = Kind.values()[in.octet()];
            String name = in.text();
            Digest digest = new Digest(java.util.HexFormat.of().formatHex(in.raw(32)));
            entries.put(name, new Entry(kind, digest, readCounts(in)));
        }
        return new Node(entries);
    }

    private static Counts readCounts(ByteReader in) {
        Map<CountName, Count> counts = new EnumMap<>(CountName.class);
        int size = in.small();
        List<CountName> names = new ArrayList<>(List.of(CountName.values()));
        for (int i = 0; i < size; i++) {
            CountName name = names.get(in.octet());
            counts.put(name, new Count(in.number(), in.number()));
        }
        return new Counts(counts);
    }
}
