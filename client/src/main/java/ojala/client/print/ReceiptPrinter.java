package ojala.client.print;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import ojala.core.model.Count;
import ojala.wire.FileReceipt;
import ojala.wire.Receipt;

/** A receipt as a terminal table: each file, its format, files and lines in it, and what was not understood. */
public final class ReceiptPrinter {
    private static final int SHOWN = 10;

    private final PrintWriter out;

    public ReceiptPrinter(PrintWriter out) {
        this.out = out;
    }

    public void print(Receipt receipt) {
        if (!receipt.files().isEmpty()) {
            table(receipt.files());
        }
        receipt.files().forEach(this::details);
        receipt.doubts().forEach(doubt -> {
            out.println(Marks.glyph("undecided") + " " + doubt.message());
            out.println("  " + Marks.soft(doubt.next()));
        });
        String slot = receipt.part().isEmpty() ? receipt.suite() : receipt.suite() + " " + receipt.part();
        out.println((receipt.state().equals("read") ? "Delivered and read: " : "Delivered, " + waiting(receipt) + ": ")
                + slot + " for " + receipt.head().substring(0, 8) + ", build " + receipt.build() + ", attempt "
                + receipt.attempt() + " (" + receipt.id() + ")");
        out.flush();
    }

    private static String waiting(Receipt receipt) {
        return Objects.requireNonNullElse(receipt.message(), "not read yet");
    }

    private void table(List<FileReceipt> files) {
        Table table = new Table(
                Table.Column.TEXT, Table.Column.TEXT, Table.Column.FIGURE, Table.Column.FIGURE, Table.Column.FIGURE);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("report", "format", "files", "lines covered / all", "");
        for (FileReceipt file : files) {
            boolean lines = file.lines() != null;
            table.row(
                    file.name(),
                    file.state().equals("refused") ? "refused" : Objects.requireNonNullElse(file.format(), "…"),
                    file.matched() == file.sources()
                            ? String.valueOf(file.sources())
                            : file.matched() + " of " + file.sources(),
                    lines ? file.lines().covered() + " / " + file.lines().total() : "",
                    lines ? new Count(file.lines().covered(), file.lines().total()).percent() + " %" : "");
            marks.add(Marks.glyph(file.state().equals("refused") ? "fail" : "pass"));
        }
        table.print(out, marks);
    }

    private void details(FileReceipt file) {
        file.ways()
                .forEach((how, times) ->
                        out.println(Marks.soft("  " + file.name() + ": " + files(times) + " matched " + how)));
        file.problems().stream().limit(SHOWN).forEach(problem -> out.println("  " + file.name() + ": " + problem));
        file.skipped()
                .forEach((what, times) ->
                        out.println(Marks.soft("  " + file.name() + ": " + times + " " + what + " left out")));
        file.unmatched().stream()
                .limit(SHOWN)
                .forEach(one -> out.println("  " + file.name() + ": " + one.reportedAs()
                        + " is not matched, " + one.why()
                        + (one.candidates().isEmpty() ? "" : ": " + String.join(", ", one.candidates()))));
        if (file.unmatched().size() > SHOWN) {
            out.println(Marks.soft("  … and " + (file.unmatched().size() - SHOWN) + " more paths not matched"));
        }
    }

    private static String files(long howMany) {
        return howMany == 1 ? "1 file" : howMany + " files";
    }
}
