package ojala.client.print;

import java.io.PrintWriter;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import ojala.wire.TrendDocument;
import ojala.wire.TrendPoint;

/** A trend as a terminal table, newest first, each commit with what it changed. */
public final class TrendPrinter {
    private static final DateTimeFormatter DAY =
            DateTimeFormatter.ofPattern("yyyy-MM-dd").withZone(ZoneOffset.UTC);

    private static final int SUBJECT_WIDTH = 44;

    private final PrintWriter out;

    public TrendPrinter(PrintWriter out) {
        this.out = out;
    }

    /** @param last how many commits to show */
    public void print(TrendDocument trend, int last) {
        List<TrendPoint> points = trend.points();
        String of = trend.area() == null ? "" : " in area " + trend.area();
        if (points.isEmpty()) {
            out.println("Nothing was measured on " + trend.branch() + of + " yet: send a report for a commit of it.");
            out.flush();
            return;
        }
        Table table = new Table(
                Table.Column.TEXT,
                Table.Column.TEXT,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.TEXT);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("commit", "day", trend.count(), "covered / all", "points", "");
        for (int i = points.size() - 1; i >= Math.max(0, points.size() - last); i--) {
            TrendPoint point = points.get(i);
            table.row(
                    point.commit().commit().substring(0, 8),
                    DAY.format(point.commit().committedAt()),
                    Figures.percent(point.count()),
                    Figures.ratio(point.count()),
                    i == 0 ? "" : Figures.points(points.get(i - 1).count(), point.count()),
                    subject(point));
            marks.add(Marks.glyph(point.verdict()));
        }
        table.print(out, marks);
        TrendPoint newest = points.get(points.size() - 1);
        TrendPoint oldest = points.get(0);
        out.println();
        out.println(trend.branch() + of + ": " + Figures.percent(newest.count()) + " of " + trend.count() + ", "
                + Figures.points(oldest.count(), newest.count()).strip() + " points since "
                + DAY.format(oldest.commit().committedAt()) + ", " + trend.commits() + " commits measured");
        out.flush();
    }

    private static String subject(TrendPoint point) {
        String doubts = point.doubts().isEmpty() ? "" : " (in doubt: " + String.join(", ", point.doubts()) + ")";
        return Figures.cut(point.commit().subject(), Math.max(10, SUBJECT_WIDTH - doubts.length())) + doubts;
    }
}
