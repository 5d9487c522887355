package ojala.core.tally;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ojala.core.merge.Generated;
import ojala.core.merge.SourceMerge;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.Count;
import ojala.core.model.Counts;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.LineBranches;
import ojala.core.model.Lines;
import ojala.core.model.Portions;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;
import ojala.core.model.Statements;
import org.testng.annotations.Test;

/** Canonical bytes, and the tree made of them. */
public class TallyTest {
    private static SourceCoverage berths() {
        TreeMap<Side, Boolean> sides = new TreeMap<>();
        sides.put(new Side("0", "1"), false);
        sides.put(new Side("0", "0"), true);
        return new SourceCoverage(
                new Lines(new int[] {1, 2, 300}, new byte[] {2, 0, 1}),
                new TreeMap<>(Map.of(
                        2, new LineBranches(List.of(BranchShape.of(sides)), Optional.of(new BranchCount(1, 3, true))))),
                List.of(new FunctionCoverage(1, 4, 9, "moor", true)),
                List.of(new Condition(2, 2, 0, "t", "a&&b", false)));
    }

    /** These bytes are written down in docs/canonical-bytes.md and must never change for format 1. */
    @Test
    public void theGoldenLeafStaysAsItIs() {
        assertThat(HexFormat.of().formatHex(Leaf.write(berths())))
                .isEqualTo("4f4a4c01" + "03" + "06" + "04" + "a909"
                        + "0101" + "02" + "01" + "02" + "0130" + "0130" + "01" + "0130" + "0131" + "00" + "02" + "01"
                        + "03"
                        + "0201" + "01" + "04" + "09" + "046d6f6f72" + "01"
                        + "0301" + "02" + "02" + "00" + "0174" + "0461262662" + "00");
    }

    @Test
    public void statementsInstructionsAndCallsStandBehindWhatWasThereBefore() {
        SourceCoverage plain = berths();
        SourceCoverage more = new SourceCoverage(
                plain.lines(),
                plain.branches(),
                plain.functions(),
                plain.conditions(),
                new Statements(List.of(
                        new Statements.Range(300, 1, 300, 9, 1, false), new Statements.Range(2, 3, 4, 0, 5, true))),
                Portions.of(new TreeMap<>(Map.of(2, new Count(3, 4)))),
                Portions.of(new TreeMap<>(Map.of(1, new Count(0, 1), 300, new Count(1, 1)))));
        assertThat(HexFormat.of().formatHex(Leaf.write(more)))
                .isEqualTo(HexFormat.of().formatHex(Leaf.write(plain))
                        + "0502" + "0203" + "0200" + "0b" + "aa0201" + "0009" + "02"
                        + "0601" + "020304"
                        + "0702" + "010001" + "ab020101");
        assertThat(Leaf.read(Leaf.write(more))).isEqualTo(more);
    }

    @Test
    public void aComplexityStandsBehindAllElse() {
        SourceCoverage plain = berths();
        SourceCoverage complex = new SourceCoverage(
                plain.lines(),
                plain.branches(),
                List.of(
                        new FunctionCoverage(1, 4, 9, "moor", true),
                        new FunctionCoverage(12, 4, 30, "unmoor", false, 300)),
                plain.conditions());
        String bytes = HexFormat.of().formatHex(Leaf.write(complex));
        assertThat(bytes).endsWith("0401" + "01" + "ac02");
        assertThat(Leaf.read(Leaf.write(complex))).isEqualTo(complex);
    }

    @Test
    public void theGoldenNodeStaysAsItIs() {
        MemoryStore store = new MemoryStore();
        Tally tally = Tally.of(Map.of("quay/a.js", SourceCoverage.NONE), store);
        String node = HexFormat.of().formatHex(store.load(List.of(tally.root())).get(tally.root()));
        assertThat(node).startsWith("4f4a4e01" + "01" + "01" + "0471756179").endsWith("01" + "00" + "00" + "00");
        assertThat(tally.root().hex()).isEqualTo(GOLDEN_ROOT);
    }

    private static final String GOLDEN_ROOT = "cbd83e26ff4808f5d930a963a4b2fa61b00ce8b2d974170bf099612c76a7ed3c";

    @Test
    public void whatIsWrittenIsReadAgain() {
        for (int seed = 0; seed < 2000; seed++) {
            SourceCoverage coverage = new Generated(seed).coverage();
            assertThat(Leaf.read(Leaf.write(coverage))).as("seed %d", seed).isEqualTo(coverage);
        }
        assertThat(Leaf.read(Leaf.write(berths()))).isEqualTo(berths());
    }

    @Test
    public void aMergedTallyIsTheTallyOfMergedSources() {
        for (int seed = 0; seed < 200; seed++) {
            MemoryStore store = new MemoryStore();
            Generated generated = new Generated(seed);
            Map<String, SourceCoverage> a = sources(generated, "quay/a.js", "quay/deep/b.js", "c.js");
            Map<String, SourceCoverage> b = sources(generated, "quay/a.js", "quay/d.js", "c.js");
            Map<String, SourceCoverage> both = new HashMap<>(a);
            b.forEach((path, coverage) -> both.merge(path, coverage, SourceMerge::merge));
            Tally merged = Tally.merge(List.of(Tally.of(a, store), Tally.of(b, store)), store);
            assertThat(merged.root()).isEqualTo(Tally.of(both, store).root());
            assertThat(merged.source("quay/deep/b.js")).contains(a.get("quay/deep/b.js"));
            assertThat(merged.source("quay")).isEmpty();
            Counts sum = both.values().stream().map(SourceCoverage::counts).reduce(Counts.NONE, Counts::plus);
            assertThat(merged.sources().values().stream()
                            .map(Tally.Source::counts)
                            .reduce(Counts.NONE, Counts::plus))
                    .isEqualTo(sum);
        }
    }

    @Test
    public void oneChangedFileAddsItsLeafAndItsFoldersOnly() {
        CountingStore store = new CountingStore();
        Map<String, SourceCoverage> sources = new HashMap<>();
        for (int i = 0; i < 400; i++) {
            sources.put("folder" + i % 20 + "/file" + i + ".js", new Generated(i).coverage());
        }
        Tally.of(sources, store);
        int before = store.objects.size();
        sources.put("folder3/file3.js", new Generated(9999).coverage());
        Tally.of(sources, store);
        assertThat(store.objects.size() - before).isEqualTo(3);
    }

    private static Map<String, SourceCoverage> sources(Generated generated, String... paths) {
        Map<String, SourceCoverage> sources = new HashMap<>();
        for (String path : paths) {
            sources.put(path, generated.coverage());
        }
        return sources;
    }

    private static final class CountingStore implements ObjectStore {
        private final Map<Digest, byte[]> objects = new HashMap<>();

        @Override
        public Map<Digest, byte[]> load(java.util.Collection<Digest> digests) {
            Map<Digest, byte[]> found = new HashMap<>(objects);
            found.keySet().retainAll(digests);
            return found;
        }

        @Override
        public Digest keep(byte[] bytes) {
            Digest digest = Digest.of(bytes);
            objects.put(digest, bytes);
            return digest;
        }
    }
}
