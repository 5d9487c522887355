package ojala.client.print;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import ojala.wire.CommitLine;
import ojala.wire.ComparedSource;
import ojala.wire.ComparisonDocument;
import ojala.wire.CountDocument;

/** Two commits beside each other as a terminal table: the counts, then the files that differ. */
public final class ComparisonPrinter {
    private static final int RANGES_WIDTH = 24;

    private final PrintWriter out;

    public ComparisonPrinter(PrintWriter out) {
        this.out = out;
    }

    public void print(ComparisonDocument comparison) {
        out.println("from " + line(comparison.from()));
        out.println("to   " + line(comparison.to()));
        out.println();
        counts(comparison);
        sources(comparison.sources());
        out.println();
        out.println((comparison.lost() > 0 ? Marks.glyph("warn") : Marks.glyph("pass")) + " "
                + lines(comparison.lost()) + " lost their tests, " + lines(comparison.gained()) + " gained some, "
                + lines(comparison.bare()) + " of what is new or changed "
                + (comparison.bare() == 1 ? "is bare" : "are bare"));
        out.flush();
    }

    private static String line(CommitLine commit) {
        return commit.commit().substring(0, 8) + " " + commit.subject();
    }

    private static String lines(int howMany) {
        return howMany == 1 ? "1 line" : howMany + " lines";
    }

    private void counts(ComparisonDocument comparison) {
        Table table = new Table(
                Table.Column.TEXT,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("", "before", "covered / all", "after", "covered / all", "points");
        comparison.after().forEach((name, after) -> {
            CountDocument before = comparison.before().get(name);
            table.row(
                    name,
                    Figures.percent(before),
                    Figures.ratio(before),
                    Figures.percent(after),
                    Figures.ratio(after),
                    Figures.points(before, after));
            marks.add(" ");
        });
        table.print(out, marks);
    }

    private void sources(List<ComparedSource> sources) {
        if (sources.isEmpty()) {
            return;
        }
        out.println();
        Table table = new Table(
                Table.Column.TEXT,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.TEXT,
                Table.Column.FIGURE,
                Table.Column.TEXT);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("file", "before", "after", "lost", "gained", "bare");
        for (ComparedSource source : sources) {
            table.row(
                    source.path(),
                    source.before() == null ? "–" : Figures.percent(source.before(), "lines"),
                    source.after() == null ? "gone" : Figures.percent(source.after(), "lines"),
                    Figures.ranges(source.lost(), RANGES_WIDTH),
                    source.gained().isEmpty() ? "" : String.valueOf(size(source.gained())),
                    Figures.ranges(source.bare(), RANGES_WIDTH));
            marks.add(source.lost().isEmpty() ? " " : Marks.glyph("warn"));
        }
        table.print(out, marks);
    }

    private static int size(String ranges) {
        return ojala.core.model.LineSet.parse(ranges).size();
    }
}
