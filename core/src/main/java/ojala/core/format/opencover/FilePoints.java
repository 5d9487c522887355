package ojala.core.format.opencover;

import java.util.ArrayList;
import java.util.List;
import ojala.core.format.LineHits;
import ojala.core.format.ReportSink;
import ojala.core.model.Statements;

/** What the methods of a module say of one file. */
final class FilePoints {
    private final LineHits lines = new LineHits();
    private final List<Statements.Range> statements = new ArrayList<>();
    private final List<SideTaken> sides = new ArrayList<>();
    private final List<Function> functions = new ArrayList<>();

    private record SideTaken(int line, String block, String way, boolean taken) {}

    private record Function(int line, int endLine, String name, boolean covered, int complexity) {}

    /** A point counts for the line that it starts on. */
    void statement(int line, int column, int endLine, int endColumn, long hits) {
        lines.touch(line, hits);
        statements.add(new Statements.Range(line, column, endLine, endColumn, 1, hits > 0));
    }

    void side(int line, String block, String way, boolean taken) {
        sides.add(new SideTaken(line, block, way, taken));
    }

    void function(int line, int endLine, String name, boolean covered, int complexity) {
        functions.add(new Function(line, endLine, name, covered, complexity));
    }

    void emit(ReportSink sink) {
        lines.emit(sink);
        statements.forEach(one ->
                sink.statement(one.line(), one.column(), one.endLine(), one.endColumn(), one.howMany(), one.covered()));
        sides.forEach(one -> sink.branchSide(one.line(), one.block(), one.way(), one.taken()));
        functions.forEach(
                one -> sink.function(one.line(), 0, one.endLine(), one.name(), one.covered(), one.complexity()));
    }
}
