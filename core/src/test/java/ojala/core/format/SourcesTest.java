package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import ojala.core.merge.Generated;
import ojala.core.merge.SourceMerge;
import ojala.core.model.Hits;
import ojala.core.model.LineSet;
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

    @Test
    public void packedOnesComeOutAsTheyWent() {
        Sources sources = new Sources(500);
        TreeMap<String, Measurement> plain = new TreeMap<>();
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
