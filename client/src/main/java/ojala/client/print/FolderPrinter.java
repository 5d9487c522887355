package ojala.client.print;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import ojala.wire.CommitPage;
import ojala.wire.CountDocument;
import ojala.wire.FolderDocument;
import ojala.wire.FolderEntry;
import ojala.wire.VerdictSummary;

/** A folder of a commit as a terminal table; the last line is what the commit's verdict says. */
public final class FolderPrinter {
    private static final int MISSED_WIDTH = 24;

    private final PrintWriter out;

    public FolderPrinter(PrintWriter out) {
        this.out = out;
    }

    public void print(CommitPage page, FolderDocument folder) {
        out.println(page.commit().commit().substring(0, 8) + " " + page.commit().subject()
                + (folder.path().isEmpty() ? "" : ", " + folder.path() + "/"));
        out.println();
        Table table = new Table(
                Table.Column.TEXT,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.FIGURE,
                Table.Column.TEXT);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("", "lines", "covered / all", "branches", "functions", "missed lines");
        for (FolderEntry entry : folder.entries()) {
            CountDocument lines = entry.counts().get("lines");
            table.row(
                    name(folder, entry),
                    Figures.percent(lines),
                    Figures.ratio(lines),
                    Figures.percent(entry.counts(), "branches"),
                    Figures.percent(entry.counts(), "functions"),
                    remark(entry));
            marks.add(mark(entry));
        }
        table.row(
                folder.path().isEmpty() ? "all" : "all of it",
                Figures.percent(folder.counts(), "lines"),
                Figures.ratio(folder.counts().get("lines")),
                Figures.percent(folder.counts(), "branches"),
                Figures.percent(folder.counts(), "functions"),
                "");
        marks.add(" ");
        table.print(out, marks);
        out.println();
        page.doubts().forEach(doubt -> out.println(Marks.glyph("undecided") + " " + doubt.message()));
        for (VerdictSummary verdict : page.verdicts()) {
            out.println(Marks.glyph(verdict.verdict()) + " " + Marks.word(verdict.verdict()) + " for "
                    + verdict.target() + ": " + verdict.headline());
        }
        out.flush();
    }

    private static String name(FolderDocument folder, FolderEntry entry) {
        String below = folder.path().isEmpty()
                ? entry.path()
                : entry.path().substring(folder.path().length() + 1);
        return entry.kind().equals("folder") ? below + "/" : below;
    }

    private static String mark(FolderEntry entry) {
        if (entry.unmeasured() > 0) {
            return Marks.glyph("undecided");
        }
        return " ";
    }

    private static String remark(FolderEntry entry) {
        if (entry.missed() != null) {
            return Figures.ranges(entry.missed(), MISSED_WIDTH);
        }
        if (entry.because() != null) {
            return Figures.cut("excluded: " + entry.because(), MISSED_WIDTH);
        }
        if ("unmeasured".equals(entry.standing())) {
            return "no report mentions it";
        }
        if (entry.unmeasured() > 0) {
            return files(entry.unmeasured()) + " in no report";
        }
        return entry.excluded() > 0 ? files(entry.excluded()) + " excluded" : "";
    }

    private static String files(int howMany) {
        return howMany == 1 ? "1 file" : howMany + " files";
    }
}
