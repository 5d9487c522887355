package ojala.core.format.lcov;

import java.io.IOException;
import java.io.Writer;
import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import ojala.core.export.Losses;
import ojala.core.export.ReportWriter;
import ojala.core.model.BranchCount;
import ojala.core.model.BranchShape;
import ojala.core.model.Condition;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.Hits;
import ojala.core.model.LineBranches;
import ojala.core.model.LineSet;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import ojala.core.model.Measurement;
import ojala.core.model.Side;
import ojala.core.model.SourceCoverage;

/**
 * Writes tracefiles. Each test that is known has a section of its own, with one hit on every line that it reached; the
 * hits that are left stand in the section without a test, so that all sections add up.
 */
public final class LcovWriter implements ReportWriter {
    @Override
    public String name() {
        return Lcov.NAME;
    }

    @Override
    public String title() {
        return "LCOV tracefile";
    }

    @Override
    public Losses write(SortedMap<String, Measurement> sources, Writer out) throws IOException {
        Losses losses = new Losses();
        for (Map.Entry<String, Measurement> source : sources.entrySet()) {
            if (hasBreak(source.getKey())) {
                losses.add("files with a line break in their path");
                continue;
            }
            write(source.getKey(), source.getValue(), out);
            losses(source.getValue(), losses);
        }
        return losses;
    }

    private static boolean hasBreak(String text) {
        return text.indexOf('\n') >= 0 || text.indexOf('\r') >= 0;
    }

    private static void write(String path, Measurement measured, Writer out) throws IOException {
        SourceCoverage coverage = measured.coverage();
        out.write("TN:\nSF:" + path + "\n");
        functions(coverage.functions(), out);
        for (Map.Entry<Integer, LineBranches> branches : coverage.branches().entrySet()) {
            branches(branches.getKey(), branches.getValue(), out);
        }
        for (Condition one : coverage.conditions()) {
            out.write("MCDC:" + one.line() + "," + one.groupSize() + "," + field(one.sense()) + ","
                    + (one.covered() ? 1 : 0) + "," + one.index() + "," + oneLine(one.expression()) + "\n");
        }
        lines(coverage.lines(), measured.hits().orElse(null), byTests(measured), out);
        out.write("end_of_record\n");
        for (Map.Entry<String, LineSet> test : measured.tests().entrySet()) {
            out.write("TN:" + oneLine(test.getKey()) + "\nSF:" + path + "\n");
            LineSet known = test.getValue().intersect(coverage.lines().measurable());
            for (int line : known.stream().toArray()) {
                out.write("DA:" + line + ",1\n");
            }
            out.write("LF:" + known.size() + "\nLH:" + known.size() + "\nend_of_record\n");
        }
    }

    /** How many tests reach each line. */
    private static Map<Integer, Integer> byTests(Measurement measured) {
        Map<Integer, Integer> howMany = new TreeMap<>();
        measured.tests()
                .values()
                .forEach(lines -> lines.stream().forEach(line -> howMany.merge(line, 1, Integer::sum)));
        return howMany;
    }

    private static void lines(
            Lines lines, @org.jspecify.annotations.Nullable Hits hits, Map<Integer, Integer> byTests, Writer out)
            throws IOException {
        int hit = 0;
        for (int i = 0; i < lines.size(); i++) {
            long all = hits != null ? hits.at(i) : lines.state(i) == LineState.MISSED ? 0 : 1;
            long left = Math.max(0, all - byTests.getOrDefault(lines.number(i), 0));
            hit += left > 0 ? 1 : 0;
            out.write("DA:" + lines.number(i) + "," + left + "\n");
        }
        out.write("LF:" + lines.size() + "\nLH:" + hit + "\n");
    }

    /** By index: a name may be anything but a line break. */
    private static void functions(List<FunctionCoverage> functions, Writer out) throws IOException {
        int index = 0;
        int hit = 0;
        for (FunctionCoverage one : functions) {
            String end = one.endLine() > 0 ? "," + one.endLine() : "";
            out.write("FNL:" + index + "," + one.line() + end + "\n");
            out.write("FNA:" + index++ + "," + (one.covered() ? 1 : 0) + "," + oneLine(one.name()) + "\n");
            hit += one.covered() ? 1 : 0;
        }
        if (index > 0) {
            out.write("FNF:" + index + "\nFNH:" + hit + "\n");
        }
    }

    private static void branches(int line, LineBranches branches, Writer out) throws IOException {
        for (BranchShape shape : branches.shapes()) {
            for (int i = 0; i < shape.sides().size(); i++) {
                Side side = shape.sides().get(i);
                side(
                        line,
                        field(side.block()),
                        oneLine(side.way()),
                        shape.taken().get(i),
                        out);
            }
        }
        if (branches.shapes().isEmpty() && branches.counted().isPresent()) {
            // a block of its own for each side: read again as counted, not as known by identity
            BranchCount counted = branches.counted().get();
            for (int i = 0; i < counted.total(); i++) {
                side(line, String.valueOf(i), "0", i < counted.covered(), out);
            }
        }
    }

    private static void side(int line, String block, String way, boolean taken, Writer out) throws IOException {
        out.write("BRDA:" + line + "," + block + "," + way + "," + (taken ? 1 : 0) + "\n");
    }

    /** A text that may not hold the comma that ends it. */
    private static String field(String text) {
        return oneLine(text).replace(',', ';');
    }

    private static String oneLine(String text) {
        return text.replace('\n', ' ').replace('\r', ' ');
    }

    private static void losses(Measurement measured, Losses losses) {
        SourceCoverage coverage = measured.coverage();
        Lines lines = coverage.lines();
        losses.addIf(
                measured.hits().isEmpty() && lines.size() > 0, "that there are no hit counts (written as 1 and 0)");
        losses.addIf(coverage.statements().size() > 0, "statements");
        losses.addIf(coverage.instructions().size() > 0, "instructions");
        losses.addIf(coverage.calls().size() > 0, "calls");
        losses.addIf(coverage.functions().stream().anyMatch(one -> one.complexity() > 0), "complexity of functions");
        losses.addIf(coverage.functions().stream().anyMatch(one -> one.column() > 0), "columns of functions");
        losses.addIf(
                java.util.stream.IntStream.range(0, lines.size())
                        .anyMatch(i -> lines.state(i) == LineState.PARTIAL
                                && !coverage.branches().containsKey(lines.number(i))),
                "partial lines without branches (written as covered)");
        losses.addIf(
                coverage.branches().values().stream()
                        .anyMatch(one -> one.shapes().size() > 1),
                "which listings of a line's branches stay apart");
        losses.addIf(
                coverage.branches().values().stream()
                        .anyMatch(
                                one -> !one.shapes().isEmpty() && one.counted().isPresent()),
                "counted branches beside known ones");
        losses.addIf(
                coverage.branches().values().stream()
                        .anyMatch(one -> one.shapes().isEmpty()
                                && one.counted()
                                        .filter(count -> !count.atLeast())
                                        .isPresent()),
                "that counts of branches are exact (read again as “at least”)");
    }
}
