package ojala.core.format;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BinaryOperator;
import ojala.core.merge.SourceMerge;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.LineState;
import ojala.core.model.Measurement;
import ojala.core.model.Statements;

/** Collects a reader's events into measurements, one per reported path. For one report and one thread. */
public final class ReportCollector implements ReportSink {
    private final Sources sources = new Sources();
    private final Map<NoteKind, Note> notes = new EnumMap<>(NoteKind.class);
    private final TreeMap<String, Long> skipped = new TreeMap<>();
    private final SourceCollector source = new SourceCollector();
    private final List<String> roots = new ArrayList<>();
    private String path = "";
    private BinaryOperator<Measurement> union = SourceMerge::merge;

    @Override
    public void root(String folder) {
        roots.add(folder);
    }

    @Override
    public void startSource(String reportedPath) {
        path = reportedPath;
        union = SourceMerge::merge;
        source.clear();
    }

    @Override
    public void resumeSource(String reportedPath) {
        startSource(reportedPath);
        union = SourceMerge::overlay;
    }

    @Override
    public void test(String name) {
        source.test(name);
    }

    @Override
    public void line(int line, long hits) {
        source.line(line, hits);
    }

    @Override
    public void partial(int line) {
        source.partial(line);
    }

    @Override
    public void state(int line, LineState state) {
        source.state(line, state);
    }

    @Override
    public void reached(int line, String test) {
        source.reached(line, test);
    }

    @Override
    public void statement(int line, int column, int endLine, int endColumn, int howMany, boolean covered) {
        source.statement(new Statements.Range(line, column, endLine, endColumn, howMany, covered));
    }

    @Override
    public void instructions(int line, int covered, int total) {
        source.instructions(line, covered, total);
    }

    @Override
    public void calls(int line, int covered, int total) {
        source.calls(line, covered, total);
    }

    @Override
    public void branchSide(int line, String block, String way, boolean taken) {
        source.branchSide(line, block, way, taken);
    }

    @Override
    public void branchCount(int line, int covered, int total, boolean atLeast) {
        source.branchCount(line, covered, total, atLeast);
    }

    @Override
    public void function(int line, int column, int endLine, String name, boolean covered, int complexity) {
        source.function(new FunctionCoverage(line, column, endLine, name, covered, complexity));
    }

    @Override
    public void condition(int line, int groupSize, int index, String sense, String expression, boolean covered) {
        source.condition(line, groupSize, index, sense, expression, covered);
    }

    @Override
    public void endSource() {
        sources.add(path, source.measurement(), union);
    }

    @Override
    public void skipped(String what) {
        skipped.merge(what, 1L, Long::sum);
    }

    @Override
    public void note(NoteKind kind, long line, String message) {
        notes.merge(kind, new Note(kind, line, message, 1), (first, next) -> first.again());
    }

    /** What was collected; the reader must have come to its end. */
    public Report report(Format format) {
        return new Report(format, List.copyOf(roots), sources, List.copyOf(notes.values()), skipped);
    }
}
