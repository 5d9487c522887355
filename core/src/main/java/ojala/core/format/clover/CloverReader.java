package ojala.core.format.clover;

import java.io.IOException;
import ojala.core.format.LineHits;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.xml.XmlElements;
import org.jspecify.annotations.Nullable;

/**
 * Reads one report.
 *
 * <p>What a {@code cond} says in {@code truecount} and {@code falsecount} differs: how often the condition was true and
 * false, or, by the writer whose project is called “All files”, how many of the line's sides were taken and how many
 * not.
 */
final class CloverReader {
    private static final int MOST_SIDES = 1_000_000;

    private final XmlElements xml;
    private final ReportSink sink;
    private final LineHits lines = new LineHits();
    private boolean countsSides;
    private boolean inFile;
    private int statementsOnLine;
    private int lastLine;

    CloverReader(XmlElements xml, ReportSink sink) {
        this.xml = xml;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        xml.document("coverage", this::start, this::end);
    }

    private void end() {
        if (xml.name().equals("file")) {
            closeFile();
        }
    }

    private void start() throws UnreadableReport {
        switch (xml.name()) {
            case "line" -> line();
            case "file" -> openFile();
            case "project" -> countsSides = "All files".equals(xml.attribute("name"));
            case "package", "class", "metrics" -> {}
            default ->
                sink.skipped(
                        "<" + (xml.name().length() > 40 ? xml.name().substring(0, 40) : xml.name()) + "> elements");
        }
    }

    private void openFile() throws UnreadableReport {
        String path = xml.attribute("path");
        String file = path == null || path.isBlank() ? xml.needed("name") : path;
        if (inFile || file.isBlank()) {
            throw xml.broken(inFile ? "a <file> inside a <file>" : "a <file> with an empty name");
        }
        inFile = true;
        lastLine = 0;
        lines.clear();
        sink.startSource(file);
    }

    private void closeFile() {
        lines.emit(sink);
        sink.endSource();
        inFile = false;
    }

    private void line() throws UnreadableReport {
        if (!inFile) {
            throw xml.broken("a <line> outside a <file>");
        }
        long number = -1;
        long count = -1;
        long whenTrue = -1;
        long whenFalse = -1;
        String type = "";
        for (int i = 0; i < xml.attributes(); i++) {
            switch (xml.attributeName(i)) {
                case "num" -> number = number(i);
                case "count" -> count = number(i);
                case "truecount" -> whenTrue = number(i);
                case "falsecount" -> whenFalse = number(i);
                case "type" -> type = xml.attribute(i);
                default -> {}
            }
        }
        if (number < 0) {
            throw xml.broken("<line> without the attribute num");
        }
        if (!LineNumber.isPossible(number, xml::line, sink)) {
            return;
        }
        switch (type) {
            case "stmt" -> statement((int) number, needed(count));
            case "cond" -> condition((int) number, count, whenTrue, whenFalse);
            case "method" -> method((int) number, needed(count));
            default -> sink.skipped("lines of an unknown type");
        }
    }

    private long needed(long count) throws UnreadableReport {
        if (count < 0) {
            throw xml.broken("<line> without the attribute count");
        }
        return count;
    }

    /** Several statements of a line are told apart by their order. */
    private void statement(int line, long count) {
        statementsOnLine = line == lastLine ? statementsOnLine + 1 : 1;
        lastLine = line;
        lines.touch(line, count);
        sink.statement(line, statementsOnLine, line, 0, 1, count > 0);
    }

    private void condition(int line, long count, long whenTrue, long whenFalse) {
        if (whenTrue < 0 || whenFalse < 0) {
            sink.note(NoteKind.NO_BRANCH_COUNTS, xml.line(), "a cond without truecount and falsecount: no branches");
            lines.touch(line, Math.max(count, 0));
            return;
        }
        if (countsSides) {
            lines.touch(line, Math.max(count, 0));
            int taken = (int) Math.min(whenTrue, MOST_SIDES);
            sink.branchCount(line, taken, taken + (int) Math.min(whenFalse, MOST_SIDES), false);
            return;
        }
        long times = count >= 0 ? count : ojala.core.model.Hits.sum(whenTrue, whenFalse);
        lines.touch(line, times);
        sink.branchCount(line, (whenTrue > 0 ? 1 : 0) + (whenFalse > 0 ? 1 : 0), 2, false);
    }

    /** The line of a method's head: a function, and no line of code by itself. */
    private void method(int line, long count) {
        String name = xml.attribute("name");
        String signature = xml.attribute("signature");
        String shown = name != null ? name : signature != null ? signature : "(function in line " + line + ")";
        sink.function(line, 0, 0, shown, count > 0, complexity(xml.attribute("complexity")));
    }

    private static int complexity(@Nullable String text) {
        return text != null && text.matches("[1-9][0-9]{0,5}(\\.0+)?") ? Integer.parseInt(text.split("\\.")[0]) : 0;
    }

    private long number(int attribute) throws UnreadableReport {
        long number = xml.wholeNumber(attribute).orElse(-1);
        if (number >= 0) {
            return number;
        }
        String said = xml.attribute(attribute).strip();
        if (said.matches("\\d{19,1000}")) {
            return Long.MAX_VALUE;
        }
        if (said.matches("-\\d{1,1000}")) {
            sink.note(NoteKind.NEGATIVE_HITS, xml.line(), "a negative number is counted as 0");
            return 0;
        }
        throw xml.broken(xml.attributeName(attribute) + " of a <line> is no number");
    }
}
