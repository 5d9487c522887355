package ojala.client.print;

import java.io.PrintWriter;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import ojala.core.model.Count;
import ojala.wire.ChangedSourceDocument;
import ojala.wire.CountDocument;
import ojala.wire.FoundDocument;
import ojala.wire.RuleDocument;
import ojala.wire.VerdictDocument;
import org.jspecify.annotations.Nullable;

/** A verdict as a terminal table: what the gate asks, the bare lines, the doubts; the last line is the verdict. */
public final class VerdictPrinter {
    private static final int SHOWN_SOURCES = 40;

    private final PrintWriter out;

    public VerdictPrinter(PrintWriter out) {
        this.out = out;
    }

    public void print(VerdictDocument verdict) {
        if (!verdict.rules().isEmpty()) {
            rules(verdict.rules());
        }
        sources(verdict);
        verdict.doubts().forEach(doubt -> {
            out.println(Marks.glyph("undecided") + " " + doubt.message());
            out.println("  " + Marks.soft(doubt.next()));
        });
        verdict.awaited()
                .forEach(awaited -> out.println(Marks.glyph("waiting") + " awaited: " + awaited.suite() + ", "
                        + awaited.missing() + (awaited.until() == null ? "" : " (until " + awaited.until() + ")")));
        verdict.notes().forEach(note -> out.println(Marks.soft("  " + note)));
        out.println();
        out.println(Marks.glyph(verdict.verdict()) + " " + Marks.word(verdict.verdict()) + ": "
                + verdict.headline().replaceFirst("^Undecided\\. ", ""));
        if (!verdict.advice().isEmpty()) {
            out.println("  " + verdict.advice());
        }
        if (verdict.page() != null) {
            out.println(Marks.soft("  " + verdict.page()));
        }
        out.flush();
    }

    private void rules(List<RuleDocument> rules) {
        Table table = new Table(
                Table.Column.TEXT, Table.Column.TEXT, Table.Column.FIGURE, Table.Column.FIGURE, Table.Column.FIGURE);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("where", "rule", "found", "covered / all", "short");
        for (RuleDocument rule : rules) {
            FoundDocument found = rule.found();
            table.row(
                    rule.scope(),
                    rule.sentence(),
                    figure(found),
                    found == null || found.covered() == null ? "" : found.covered() + " / " + found.total(),
                    rule.shortfall() == null
                            ? "–"
                            : rule.shortfall().count() + " " + rule.shortfall().unit());
            marks.add(Marks.glyph(rule.outcome()));
        }
        table.print(out, marks);
        rules.stream()
                .filter(rule -> rule.remark() != null && !rule.outcome().equals("pass"))
                .forEach(rule -> out.println(Marks.soft("  " + rule.scope() + ": " + rule.remark())));
    }

    private static String figure(@Nullable FoundDocument found) {
        if (found == null) {
            return "–";
        }
        if (found.points() != null) {
            BigDecimal points = found.points();
            return points.abs().toPlainString() + (points.signum() >= 0 ? " points down" : " points up");
        }
        if (found.covered() != null && found.total() != null) {
            return new Count(found.covered(), found.total()).percent() + " %";
        }
        return String.valueOf(found.count());
    }

    private void sources(VerdictDocument verdict) {
        List<ChangedSourceDocument> shown = verdict.change().sources().stream()
                .filter(source -> source.standing().equals("measured")
                        || source.standing().equals("unmeasured"))
                .filter(source -> !source.changed().isEmpty())
                .toList();
        if (shown.isEmpty()) {
            return;
        }
        out.println();
        Table table = new Table(Table.Column.TEXT, Table.Column.FIGURE, Table.Column.TEXT);
        List<String> marks = new ArrayList<>(List.of(" "));
        table.row("changed file", "covered / changed", "missed lines");
        for (ChangedSourceDocument source : shown.subList(0, Math.min(shown.size(), SHOWN_SOURCES))) {
            CountDocument lines = source.counts().getOrDefault("lines", new CountDocument(0, 0));
            boolean measured = source.standing().equals("measured");
            boolean bare = !measured || !source.missed().isEmpty();
            table.row(
                    source.path(),
                    measured ? lines.covered() + " / " + lines.total() : "–",
                    measured ? missed(source, lines) : "no report mentions it");
            marks.add(bare ? Marks.glyph("fail") : Marks.glyph("pass"));
        }
        table.print(out, marks);
        if (shown.size() > SHOWN_SOURCES) {
            out.println(String.format(Locale.ROOT, "  … and %d more", shown.size() - SHOWN_SOURCES));
        }
    }

    private static String missed(ChangedSourceDocument source, CountDocument lines) {
        return lines.total() == 0 ? "nothing to measure" : source.missed();
    }
}
