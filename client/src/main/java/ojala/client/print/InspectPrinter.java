package ojala.client.print;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.client.report.InspectDocument;
import ojala.client.report.InspectDocument.SourceLinesDocument;
import ojala.core.model.CountName;
import ojala.core.model.LineSet;
import ojala.wire.ConditionDocument;
import ojala.wire.CountDocument;
import ojala.wire.FunctionDocument;
import ojala.wire.SideDocument;

/** What is in reports, as tables for a terminal. Each table stands by itself, with a blank line before it. */
public final class InspectPrinter {
    /** No line of a terminal is wider. */
    private static final int WIDTH = 100;

    /** So many counts find room beside the lines; of more the usual ones stand there. */
    private static final int BESIDE_LINES = 4;

    private static final List<String> USUAL = List.of("branches", "functions");

    private static final int PATH = 44;
    private static final int RANGES = 28;

    private final PrintWriter out;

    public InspectPrinter(PrintWriter out) {
        this.out = out;
    }

    /** The report files, their formats, and what was odd. */
    public void reports(InspectDocument document) {
        document.reports().forEach(report -> {
            String files = report.sources() == 1 ? " file" : " files";
            String known = report.format() == null ? "" : report.format() + ", ";
            boolean refused = report.state().equals("refused");
            out.println(report.name() + ": " + known + (refused ? "refused" : report.sources() + files));
            report.problems().forEach(problem -> out.println("  " + problem));
        });
    }

    /** A row for each source: the counts that some source has, and the missed lines; in two tables if they are many. */
    public void sources(InspectDocument document) {
        if (document.sources().isEmpty()) {
            return;
        }
        List<String> counts = Stream.of(CountName.values())
                .filter(name -> name != CountName.LINES)
                .map(CountName::word)
                .filter(document.counts()::containsKey)
                .toList();
        List<String> first = counts.size() <= BESIDE_LINES
                ? counts
                : counts.stream().filter(USUAL::contains).toList();
        lines(document, first);
        if (first.size() < counts.size()) {
            further(
                    document,
                    counts.stream().filter(count -> !first.contains(count)).toList());
        }
    }

    private void lines(InspectDocument document, List<String> counts) {
        List<Table.Column> columns =
                new ArrayList<>(List.of(Table.Column.TEXT, Table.Column.FIGURE, Table.Column.FIGURE));
        counts.forEach(count -> columns.add(Table.Column.FIGURE));
        columns.add(Table.Column.TEXT);
        Table table = new Table(columns.toArray(Table.Column[]::new));
        table.row(row("file", "%", "lines", counts, "missed lines"));
        for (SourceLinesDocument source : document.sources()) {
            table.row(row(
                    source.path(),
                    Figures.percent(source.counts(), "lines").replace(" %", ""),
                    figure(source.counts(), "lines"),
                    figures(source.counts(), counts),
                    Figures.ranges(source.lines().missedLines(), RANGES)));
        }
        table.row(row(
                "together",
                Figures.percent(document.counts(), "lines").replace(" %", ""),
                figure(document.counts(), "lines"),
                figures(document.counts(), counts),
                ""));
        print(table, document.sources().size() + 2);
    }

    private void further(InspectDocument document, List<String> counts) {
        List<Table.Column> columns = new ArrayList<>(List.of(Table.Column.TEXT));
        counts.forEach(count -> columns.add(Table.Column.FIGURE));
        Table table = new Table(columns.toArray(Table.Column[]::new));
        table.row(cells("file", counts));
        document.sources().forEach(source -> table.row(cells(source.path(), figures(source.counts(), counts))));
        table.row(cells("together", figures(document.counts(), counts)));
        print(table, document.sources().size() + 2);
    }

    private static String[] cells(String first, List<String> others) {
        return Stream.concat(Stream.of(first), others.stream()).toArray(String[]::new);
    }

    private static List<String> figures(Map<String, CountDocument> all, List<String> counts) {
        return counts.stream().map(count -> figure(all, count)).toList();
    }

    private static String[] row(String first, String percent, String lines, List<String> counts, String last) {
        return Stream.of(Stream.of(first, percent, lines), counts.stream(), Stream.of(last))
                .flatMap(cells -> cells)
                .toArray(String[]::new);
    }

    private static String figure(Map<String, CountDocument> counts, String name) {
        return Figures.ratio(counts.get(name)).replace(" ", "");
    }

    private void print(Table table, int rows) {
        out.println();
        table.print(out, Collections.nCopies(rows, " "));
    }

    /** The branch sides of each line, and the conditions that were not shown to matter. */
    public void sides(InspectDocument document) {
        for (SourceLinesDocument source : document.sources()) {
            SortedMap<Integer, String> lines = new TreeMap<>();
            source.branches()
                    .forEach(line -> lines.put(
                            line.line(),
                            (line.atLeast() ? "at least " : "") + line.covered() + " of " + line.total() + " sides"
                                    + missed(line.sides())));
            notShown(source.conditions())
                    .forEach((line, words) -> lines.merge(line, words, (sides, more) -> sides + "; " + more));
            if (!lines.isEmpty()) {
                heading(source.path());
                lines.forEach((line, words) -> out.println(Figures.cut("  line " + line + ": " + words, WIDTH)));
            }
        }
    }

    /** {@code conditions not shown: true 1-3, false 2}, by line. */
    private static SortedMap<Integer, String> notShown(List<ConditionDocument> conditions) {
        SortedMap<Integer, SortedMap<String, LineSet>> lines = new TreeMap<>();
        conditions.stream()
                .filter(one -> !one.covered())
                .forEach(one -> lines.computeIfAbsent(one.line(), key -> new TreeMap<>(Comparator.reverseOrder()))
                        .merge(outcome(one.sense()), LineSet.of(one.index() + 1), LineSet::union));
        SortedMap<Integer, String> words = new TreeMap<>();
        lines.forEach((line, outcomes) -> words.put(
                line,
                "conditions not shown: "
                        + outcomes.entrySet().stream()
                                .map(outcome -> outcome.getKey() + outcome.getValue())
                                .collect(Collectors.joining(", "))));
        return words;
    }

    private void heading(String text) {
        out.println();
        out.println(text);
    }

    private static String missed(List<SideDocument> sides) {
        Map<Integer, List<SideDocument>> byListing =
                sides.stream().collect(Collectors.groupingBy(SideDocument::listing, TreeMap::new, Collectors.toList()));
        String missed = byListing.values().stream()
                .map(InspectPrinter::missedOfOne)
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining("; in another listing: "));
        return missed.isEmpty() ? "" : "; not taken: " + missed;
    }

    private static String missedOfOne(List<SideDocument> sides) {
        boolean oneBlock = sides.stream().map(SideDocument::block).distinct().count() == 1;
        return sides.stream()
                .filter(side -> !side.taken())
                .map(side -> way(side.way()) + (oneBlock || side.block().isEmpty() ? "" : " of " + side.block()))
                .collect(Collectors.joining(", "));
    }

    /** Most writers number the ways from 0. */
    private static String way(String way) {
        return way.matches("\\d{1,6}") ? "side " + (Integer.parseInt(way) + 1) : way;
    }

    private static String outcome(String sense) {
        return switch (sense) {
            case "t" -> "true ";
            case "f" -> "false ";
            default -> "";
        };
    }

    /** The functions with the counts of their lines and their complexity. */
    public void functions(InspectDocument document) {
        Table table = new Table(
                Table.Column.TEXT,
                Table.Column.TEXT,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.TEXT);
        table.row("function", "file", "lines", "branches", "complexity", "");
        int rows = 1;
        for (SourceLinesDocument source : document.sources()) {
            for (FunctionDocument one : source.functions()) {
                table.row(
                        Figures.cut(one.name(), PATH),
                        source.path() + ":" + one.line(),
                        figure(one.counts(), "lines"),
                        figure(one.counts(), "branches"),
                        one.complexity() == null ? "–" : String.valueOf(one.complexity()),
                        one.covered() ? "" : "never called");
                rows++;
            }
        }
        if (rows > 1) {
            print(table, rows);
        }
    }

    /** Which lines each test reaches. */
    public void tests(InspectDocument document) {
        for (SourceLinesDocument source : document.sources()) {
            if (!source.tests().isEmpty()) {
                heading(source.path());
                source.tests()
                        .forEach((test, lines) -> out.println(
                                "  " + Figures.cut(test, PATH) + ": " + Figures.ranges(lines, WIDTH - PATH - RANGES)));
            }
        }
    }

    /** The paths that no file was found for. */
    public void unmatched(InspectDocument document) {
        document.unmatched()
                .forEach(one -> out.println(Marks.glyph("warn") + " " + one.reportedAs()
                        + " is not matched, " + one.why()
                        + (one.candidates().isEmpty() ? "" : ": " + String.join(", ", one.candidates()))));
    }
}
