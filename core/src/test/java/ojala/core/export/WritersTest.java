package ojala.core.export;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ojala.core.format.Origin;
import ojala.core.format.ReportReader;
import ojala.core.merge.Generated;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.Hits;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.SourceCoverage;
import org.testng.annotations.Test;

/** What was read is written and read again: nothing is lost that the format can say. */
public class WritersTest {
    private static final int ROUNDS = 1000;

    private record Again(SortedMap<String, Measurement> sources, Losses losses, String text) {}

    private static Again again(String writer, SortedMap<String, Measurement> sources) throws Exception {
        StringWriter text = new StringWriter();
        Losses losses = Writers.named(writer).orElseThrow().write(sources, text);
        byte[] bytes = text.toString().getBytes(StandardCharsets.UTF_8);
        return new Again(
                new TreeMap<>(ReportReader.read(new ByteArrayInputStream(bytes), 1 << 24)
                        .sources()),
                losses,
                text.toString());
    }

    private static SortedMap<String, Measurement> one(Measurement measured) {
        return new TreeMap<>(java.util.Map.of("quayside/src/a <b> & \"c\".ts", measured));
    }

    /** Coverage made up at random, with hits that fit its states and, now and then, tests. */
    private static Measurement generated(int seed) {
        SourceCoverage coverage = new Generated(seed).coverage();
        Random random = new Random(seed);
        Lines lines = coverage.lines();
        long[] hits = IntStream.range(0, lines.size())
                .mapToLong(i -> lines.state(i) == LineState.MISSED
                        ? 0
                        : random.nextInt(9) == 0 ? Long.MAX_VALUE : 3 + random.nextInt(5))
                .toArray();
        TreeMap<String, LineSet> tests = new TreeMap<>();
        if (random.nextBoolean()) {
            tests.put("moors, a ship", lines.covered());
            tests.put("casts off", LineSet.of(lines.covered().stream().limit(2).toArray()));
            tests.values().removeIf(LineSet::isEmpty);
        }
        boolean counted = random.nextInt(4) > 0 && hits.length > 0;
        return new Measurement(coverage, counted ? Optional.of(new Hits(hits)) : Optional.empty(), tests);
    }

    @Test
    public void theExchangeFormatLosesNothing() throws Exception {
        for (int seed = 0; seed < ROUNDS; seed++) {
            SortedMap<String, Measurement> sources = one(generated(seed));
            Again again = again("exchange", sources);
            assertThat(again.sources()).as("seed %d", seed).isEqualTo(sources);
            assertThat(again.losses().sources()).isEmpty();
        }
    }

    @Test
    public void everySampleComesBackFromTheExchangeFormat() throws Exception {
        Path samples = Path.of(System.getProperty("ojala.checkout"), "core/src/test/resources/samples");
        int read = 0;
        try (Stream<Path> files = Files.walk(samples)) {
            for (Path sample : files.filter(Files::isRegularFile).toList()) {
                SortedMap<String, Measurement> sources =
                        new TreeMap<>(ReportReader.read(Files.newInputStream(sample), 1 << 20, Origin.UNKNOWN)
                                .sources());
                if (!sources.isEmpty()) {
                    assertThat(again("exchange", sources).sources())
                            .as(sample.toString())
                            .isEqualTo(sources);
                    read++;
                }
            }
        }
        assertThat(read).isGreaterThan(14);
    }

    @Test
    public void aTracefileKeepsLinesHitsTestsFunctionsAndConditions() throws Exception {
        for (int seed = 0; seed < ROUNDS; seed++) {
            Measurement before = generated(seed);
            Again again = again("lcov", one(before));
            Measurement after = again.sources().values().iterator().next();
            assertThat(after.coverage().lines().covered())
                    .as("seed %d", seed)
                    .isEqualTo(before.coverage().lines().covered());
            assertThat(after.coverage().lines().missed())
                    .isEqualTo(before.coverage().lines().missed());
            assertThat(after.coverage().conditions())
                    .isEqualTo(before.coverage().conditions());
            assertThat(after.tests()).isEqualTo(before.tests());
            before.hits().ifPresent(hits -> assertThat(after.hits()).contains(hits));
            before.coverage().branches().forEach((line, sides) -> {
                Count count = after.coverage().branches().get(line).count();
                assertThat(count.total()).isEqualTo(sides.count().total());
            });
            assertThat(before.hits().isEmpty() && before.coverage().lines().size() > 0)
                    .isEqualTo(
                            again.losses().sources().containsKey("that there are no hit counts (written as 1 and 0)"));
            assertThat(before.coverage().statements().size() > 0)
                    .isEqualTo(again.losses().sources().containsKey("statements"));
        }
    }

    private static List<String> places(List<FunctionCoverage> functions) {
        List<String> places = new ArrayList<>();
        functions.forEach(one -> places.add(one.line() + " " + one.name() + " " + one.covered()));
        return places;
    }

    @Test
    public void aTracefileKeepsFunctionsWhateverTheirNames() throws Exception {
        List<FunctionCoverage> functions = List.of(
                new FunctionCoverage(1, 0, 9, "3,moor(int, bool)", true), new FunctionCoverage(4, 0, 0, "ñ", false));
        SourceCoverage coverage = new SourceCoverage(Lines.NONE, new TreeMap<>(), functions, List.of());
        Measurement after = again("lcov", one(Measurement.of(coverage)))
                .sources()
                .values()
                .iterator()
                .next();
        assertThat(after.coverage().functions()).isEqualTo(functions);
    }

    @Test
    public void coberturaKeepsLinesHitsAndTheCountsOfBranches() throws Exception {
        for (int seed = 0; seed < ROUNDS; seed++) {
            Measurement before = generated(seed);
            Again again = again("cobertura", one(before));
            Measurement after = again.sources().values().iterator().next();
            assertThat(after.coverage().lines().covered())
                    .as("seed %d", seed)
                    .isEqualTo(before.coverage().lines().covered());
            assertThat(after.coverage().lines().missed())
                    .isEqualTo(before.coverage().lines().missed());
            before.hits().ifPresent(hits -> assertThat(after.hits()).contains(hits));
            before.coverage().branches().forEach((line, sides) -> {
                if (before.coverage().lines().indexOf(line) >= 0) {
                    assertThat(after.coverage().branches().get(line).count()).isEqualTo(sides.count());
                }
            });
            assertThat(places(before.coverage().functions()))
                    .containsAll(places(after.coverage().functions()));
            boolean told = after.coverage().functions().size()
                    == before.coverage().functions().stream()
                            .map(one -> one.line() + one.name())
                            .distinct()
                            .count();
            assertThat(told || again.losses().sources().containsKey("functions that their lines do not tell"))
                    .isTrue();
        }
    }

    @Test
    public void theTableHasARowForEachFileAndAnEmptyCellForACountThatIsNotThere() throws Exception {
        StringWriter text = new StringWriter();
        Measurement measured = generated(7);
        Writers.named("csv").orElseThrow().write(one(measured), text);
        String[] lines = text.toString().split("\r\n", -1);
        assertThat(lines).hasSize(3);
        assertThat(lines[0]).startsWith("file,lines covered,lines total,statements covered");
        Count count = measured.coverage().counts().of(CountName.LINES);
        assertThat(lines[1])
                .startsWith("\"quayside/src/a <b> & \"\"c\"\".ts\"," + count.covered() + "," + count.total() + ",");
        StringWriter bare = new StringWriter();
        Writers.named("csv")
                .orElseThrow()
                .write(new TreeMap<>(java.util.Map.of("a.ts", Measurement.of(SourceCoverage.NONE))), bare);
        assertThat(bare.toString()).endsWith("a.ts,0,0,,,,,,,,,,,,,,\r\n");
    }
}
