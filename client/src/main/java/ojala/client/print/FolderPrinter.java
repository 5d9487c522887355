package ojala.client.print;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import ojala.wire.CommitPage;
import ojala.wire.CountDocument;
import ojala.wire.FolderDocument;
import ojala.wire.FolderEntry;
import ojala.wire.VerdictSummary;

/** A folder of a commit as a terminal table; the last line is what the commit's verdict says. */
public final class FolderPrinter {
    private static final int MISSED_WIDTH = 24;
    private static final List<String> FURTHER = List.of("statements", "instructions", "mcdc", "calls", "complexity");

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
                all(folder),
                Figures.percent(folder.counts(), "lines"),
                Figures.ratio(folder.counts().get("lines")),
                Figures.percent(folder.counts(), "branches"),
                Figures.percent(folder.counts(), "functions"),
                "");
        marks.add(" ");
        table.print(out, marks);
        out.println();
        further(folder);
        page.doubts().forEach(doubt -> out.println(Marks.glyph("undecided") + " " + doubt.message()));
        for (VerdictSummary verdict : page.verdicts()) {
            out.println(Marks.glyph(verdict.verdict()) + " " + Marks.word(verdict.verdict()) + " for "
                    + verdict.target() + ": " + verdict.headline());
        }
        out.flush();
    }

    /** The counts that have no room beside the lines, where some entry has any of them. */
    private void further(FolderDocument folder) {
        List<String> counts =
                FURTHER.stream().filter(folder.counts()::containsKey).toList();
        if (counts.isEmpty()) {
            return;
        }
        Table.Column[] columns = new Table.Column[counts.size() + 1];
        Arrays.fill(columns, Table.Column.FIGURE);
        columns[0] = Table.Column.TEXT;
        Table table = new Table(columns);
        table.row(cells("", counts.stream()));
        folder.entries()
                .forEach(entry -> table.row(cells(
                        name(folder, entry), counts.stream().map(count -> Figures.percent(entry.counts(), count)))));
        table.row(cells(all(folder), counts.stream().map(count -> Figures.percent(folder.counts(), count))));
        table.print(out, Collections.nCopies(folder.entries().size() + 2, " "));
        out.println();
    }

    private static String all(FolderDocument folder) {
        return folder.path().isEmpty() ? "all" : "all of it";
    }

    private static String[] cells(String first, Stream<String> others) {
        return Stream.concat(Stream.of(first), others).toArray(String[]::new);
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
