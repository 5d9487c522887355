package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ojala.core.merge.Generated;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Hits;
import ojala.core.model.LineSet;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import org.testng.annotations.Test;

/** The measurements of a report, plain and packed. */
public class SourcesTest {
    private static Measurement generated(int seed) {
        SourceCoverage coverage = new Generated(seed).coverage();
        long[] hits = new long[coverage.lines().size()];
        java.util.Arrays.setAll(hits, i -> i * 31L * seed);
        return new Measurement(
                coverage,
                seed % 3 == 0 || hits.length == 0 ? Optional.empty() : Optional.of(new Hits(hits)),
                new TreeMap<>(Map.of("moors", LineSet.of(1, 5))));
    }

    /** So many numbers that what comes after it is packed. */
    private static Measurement large() {
        int[] lines = new int[(int) Sources.PLAIN];
        java.util.Arrays.setAll(lines, i -> i + 1);
        return Measurement.of(new SourceCoverage(
                new Lines(lines, new byte[lines.length]), new TreeMap<>(), java.util.List.of(), java.util.List.of()));
    }

    @Test
    public void packedOnesComeOutAsTheyWent() {
        Sources sources = new Sources();
        TreeMap<String, Measurement> plain = new TreeMap<>();
        Measurement large = large();
        sources.add("0", large, SourceMerge::merge);
        plain.put("0", large);
        for (int seed = 1; seed < 200; seed++) {
            String path = "src/" + seed % 70 + ".ts";
            sources.add(path, generated(seed), SourceMerge::merge);
            plain.merge(path, generated(seed), SourceMerge::merge);
        }
        assertThat(sources).isEqualTo(plain);
        assertThat(sources.keySet()).containsExactlyElementsOf(plain.keySet());
        assertThat(sources.get("src/7.ts")).isEqualTo(plain.get("src/7.ts"));
        assertThat(sources.get("nowhere")).isNull();
        assertThat(sources.containsKey("src/7.ts")).isTrue();
    }
}
