package ojala.server.source;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import ojala.core.model.Count;
import ojala.core.model.Hits;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;
import ojala.core.model.SourceCoverage;
import ojala.wire.CountDocument;
import ojala.wire.Documents;
import ojala.wire.LineDocument;
import ojala.wire.SourceDocuments;
import org.jspecify.annotations.Nullable;

/** The lines of a source as the File page draws them. */
final class SourceLines {
    private SourceLines() {}

    static List<LineDocument> of(SourceCoverage coverage, List<SuiteSource> suites) {
        List<Reach> reaches = suites.stream().map(Reach::of).toList();
        List<LineDocument> lines = new ArrayList<>();
        Map<Integer, Count> instructions = coverage.instructions().byLine();
        Map<Integer, Count> calls = coverage.calls().byLine();
        LineState[] drawn = coverage.drawnStates();
        for (int i = 0; i < drawn.length; i++) {
            int line = coverage.lines().number(i);
            @Nullable LineBranches sides = coverage.branches().get(line);
            lines.add(new LineDocument(
                    line,
                    drawn[i].name().toLowerCase(Locale.ROOT),
                    hits(suites, line).orElse(null),
                    sides == null ? null : Documents.of(sides.count()),
                    sides != null && sides.atLeast(),
                    sides == null ? List.of() : SourceDocuments.sides(sides),
                    count(instructions.get(line)),
                    count(calls.get(line)),
                    reaches.stream()
                            .filter(reach -> reach.covered().contains(line))
                            .map(Reach::suite)
                            .toList(),
                    suites.stream()
                            .flatMap(suite -> suite.measurement().tests().entrySet().stream())
                            .filter(test -> test.getValue().contains(line))
                            .map(Map.Entry::getKey)
                            .distinct()
                            .sorted()
                            .toList()));
        }
        return lines;
    }

    private static @Nullable CountDocument count(@Nullable Count count) {
        return count == null ? null : Documents.of(count);
    }

    private record Reach(String suite, LineSet covered) {
        static Reach of(SuiteSource source) {
            return new Reach(
                    source.suite(), source.measurement().coverage().lines().covered());
        }
    }

    private static Optional<Long> hits(List<SuiteSource> suites, int line) {
        return suites.stream().flatMap(suite -> suite.hits(line).stream()).reduce(Hits::sum);
    }
}
