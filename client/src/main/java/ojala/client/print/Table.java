package ojala.client.print;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;

/** A table of plain texts that fits 100 columns: the widest text column is cut in its middle where it must be. */
public final class Table {
    private static final int WIDTH = 100;
    private static final int GAP = 2;

    private final List<Column> columns;
    private final List<List<String>> rows = new ArrayList<>();

    /** How a column's texts stand. */
    public enum Column {
        TEXT,
        FIGURE
    }

    public Table(Column... columns) {
        this.columns = List.of(columns);
    }

    /** Adds a row with one text per column. */
    public Table row(String... cells) {
        rows.add(List.of(cells));
        return this;
    }

    /**
     * Prints it.
     *
     * @param marks one mark per row, printed before it; a mark takes one column, whatever its escapes
     */
    public void print(PrintWriter out, List<String> marks) {
        int[] widths = widths();
        for (int i = 0; i < rows.size(); i++) {
            StringBuilder line = new StringBuilder(marks.get(i)).append(' ');
            for (int j = 0; j < columns.size(); j++) {
                line.append(cell(rows.get(i).get(j), widths[j], columns.get(j))).append(" ".repeat(GAP));
            }
            out.println(line.toString().stripTrailing());
        }
    }

    private int[] widths() {
        int[] widths = new int[columns.size()];
        rows.forEach(row -> {
            for (int j = 0; j < widths.length; j++) {
                widths[j] = Math.max(widths[j], length(row.get(j)));
            }
        });
        int sum = 2;
        int widest = 0;
        for (int j = 0; j < widths.length; j++) {
            sum += widths[j] + GAP;
            widest = columns.get(j) == Column.TEXT && (columns.get(widest) != Column.TEXT || widths[j] > widths[widest])
                    ? j
                    : widest;
        }
        int excess = sum - GAP - WIDTH;
        if (excess > 0) {
            widths[widest] = Math.max(12, widths[widest] - excess);
        }
        return widths;
    }

    private static String cell(String text, int width, Column column) {
        String cut = length(text) <= width ? text : shortened(text, width);
        String pad = " ".repeat(Math.max(0, width - length(cut)));
        return column == Column.FIGURE ? pad + cut : cut + pad;
    }

    private static String shortened(String text, int width) {
        int head = (width - 1) / 3;
        return text.substring(0, head) + "…" + text.substring(text.length() - (width - 1 - head));
    }

    private static int length(String text) {
        return text.codePointCount(0, text.length());
    }
}
