package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import org.testng.annotations.Test;

/** Generated reports: however the lines of a file are spread over classes, methods and repeats, each counts once. */
public class CoberturaGeneratedTest {
    private final Random random = new Random(20261123);

    /** What is true of a file: the hits of each line. */
    private SortedMap<Integer, Long> truth() {
        SortedMap<Integer, Long> hits = new TreeMap<>();
        int lines = random.nextInt(40);
        for (int i = 0; i < lines; i++) {
            hits.put(1 + random.nextInt(200), random.nextInt(3) == 0 ? 0 : (long) random.nextInt(1000));
        }
        return hits;
    }

    /** A class that tells some of the truth, some of it twice, in any order. */
    private String telling(String file, SortedMap<Integer, Long> truth, boolean all) {
        List<String> lines = new ArrayList<>();
        truth.forEach((line, hits) -> {
            for (int times = all ? 1 : 0; times < 1 + random.nextInt(2); times++) {
                lines.add("<line number=\"" + line + "\" hits=\"" + hits + "\"/>");
            }
            if (all) {
                lines.add("<line hits=\"" + hits + "\" number=\"" + line + "\" branch=\"false\"></line>");
            }
        });
        Collections.shuffle(lines, random);
        int cut = lines.isEmpty() ? 0 : random.nextInt(lines.size());
        return "<class name=\"c\" filename=\"" + file + "\"><methods><method name=\"m\" signature=\"\"><lines>"
                + String.join("", lines.subList(0, cut)) + "</lines></method></methods><lines>"
                + String.join("\n", lines.subList(cut, lines.size())) + "</lines></class>";
    }

    @Test
    public void eachLineCountsOnceWithItsHits() throws Exception {
        for (int round = 0; round < 300; round++) {
            Map<String, SortedMap<Integer, Long>> truth = new TreeMap<>();
            List<String> classes = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(4); i++) {
                String file = "quay/f" + i + ".cs";
                truth.put(file, truth());
                classes.add(telling(file, truth.get(file), true));
                for (int more = random.nextInt(3); more > 0; more--) {
                    classes.add(telling(file, truth.get(file), false));
                }
            }
            Collections.shuffle(classes, random);
            String report = "<coverage line-rate=\"0\"><packages><package name=\"p\"><classes>"
                    + String.join("\n", classes) + "</classes></package></packages></coverage>";
            Report read = ReportReader.read(new ByteArrayInputStream(report.getBytes(StandardCharsets.UTF_8)), 1 << 24);
            assertThat(read.sources().keySet()).isEqualTo(truth.keySet());
            truth.forEach((file, hits) -> agrees(read.sources().get(file), hits));
        }
    }

    private static void agrees(Measurement measured, SortedMap<Integer, Long> truth) {
        Lines lines = measured.coverage().lines();
        SortedMap<Integer, Long> found = new TreeMap<>();
        for (int i = 0; i < lines.size(); i++) {
            found.put(lines.number(i), measured.hits().orElseThrow().at(i));
        }
        assertThat(found).isEqualTo(truth);
        assertThat(lines.covered().size()).isEqualTo((int)
                truth.values().stream().filter(hits -> hits > 0).count());
    }
}
