package ojala.core.format.goprofile;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import ojala.core.format.LineHits;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.Spread;
import ojala.core.format.UnreadableReport;
import ojala.core.model.LineState;
import ojala.core.text.RecordLines;

/**
 * Reads one profile. The blocks of all files are held until its end, because any block may come again: each distinct
 * block once, in 28 bytes, and packed once they are many.
 */
final class GoProfileReader {
    private static final String FORM = "it has the form file:line.column,line.column statements count";

    private static final int MOST_PLAIN = 1_000_000;

    private final RecordLines record;
    private final ReportSink sink;
    private final Map<String, FileBlocks> files = new LinkedHashMap<>();
    private final Spread spread = new Spread();
    private final LineHits lines = new LineHits();
    private byte[] file = {};
    private FileBlocks blocks = new FileBlocks();
    private int plain;
    private boolean counts;
    private boolean moded;
    private int at;

    GoProfileReader(RecordLines record, ReportSink sink) {
        this.record = record;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        while (record.next()) {
            if (record.length() == 0) {
                continue;
            }
            if (record.at(0) == 'm' && record.at(4) == ':' && record.text(0, 5).equals("mode:")) {
                mode(record.text(5).strip());
            } else if (!moded) {
                throw record.broken("a block before any mode line", "a profile begins with mode: set, count or atomic");
            } else {
                block();
            }
        }
        if (!moded) {
            throw record.broken("no mode line", "a profile begins with mode: set, count or atomic");
        }
        for (var each = files.entrySet().iterator(); each.hasNext(); ) {
            Map.Entry<String, FileBlocks> one = each.next();
            emit(one.getKey(), one.getValue());
            each.remove();
        }
    }

    private void mode(String name) throws UnreadableReport {
        switch (name) {
            case "set" -> {}
            case "count", "atomic" -> counts = true;
            default -> throw record.broken("no mode that Go writes", "it is set, count or atomic");
        }
        moded = true;
    }

    private void block() throws UnreadableReport {
        if (!(record.startsWith(file) && record.at(file.length) == ':' && fields(file.length + 1))) {
            changeFile();
        }
    }

    /** Names may hold a colon: what stands behind the last one is the block. */
    private void changeFile() throws UnreadableReport {
        int colon = record.lastIndexOf(':');
        if (colon < 1) {
            throw record.broken("not a block", FORM + "; the file may be cut off or damaged");
        }
        file = record.bytesBefore(colon);
        blocks = files.computeIfAbsent(new String(file, StandardCharsets.UTF_8), key -> new FileBlocks());
        if (!fields(colon + 1)) {
            throw record.broken("not a block", FORM + "; the file may be cut off or damaged");
        }
    }

    /** Reads {@code 5.12,7.3 2 1} and takes it; false if it is anything else. */
    private boolean fields(int from) throws UnreadableReport {
        at = from;
        long line = number('.');
        long column = number(',');
        long endLine = number('.');
        long endColumn = number(' ');
        long statements = number(' ');
        long count = number((char) 0);
        if (line < 0 || column < 0 || endLine < 0 || endColumn < 0 || statements < 0 || count < 0) {
            return false;
        }
        if (column > LineNumber.LAST || endColumn > LineNumber.LAST || statements > LineNumber.LAST) {
            return false;
        }
        if (!LineNumber.isPossible(line, record::number, sink)
                || !LineNumber.isPossible(endLine, record::number, sink)) {
            return true;
        }
        if (endLine < line) {
            sink.note(NoteKind.IMPOSSIBLE_LINE, record.number(), "a block that ends before it begins is left out");
            return true;
        }
        blocks.add((int) line, (int) column, (int) endLine, (int) endColumn, (int) statements, count);
        if (++plain == MOST_PLAIN) {
            files.values().forEach(FileBlocks::pack);
            plain = 0;
        }
        return true;
    }

    /** The digits up to a mark as a number, -1 if anything else stands there. Goes past the mark. */
    private long number(char mark) {
        long value = record.numberAt(at);
        at = record.after() + 1;
        boolean whole = mark == 0 ? record.after() == record.length() : record.at(record.after()) == mark;
        return whole ? value : -1;
    }

    private void emit(String path, FileBlocks all) throws UnreadableReport {
        lines.clear();
        sink.startSource(path);
        Blocks.Table table = all.table();
        for (int i = 0; i < table.size(); i++) {
            if (!spread.allows(table.line(i), table.endLine(i))) {
                throw record.broken("ranges", Spread.TOO_WIDE);
            }
            for (int line = table.line(i); line <= table.endLine(i); line++) {
                lines.touch(line, table.count(i));
            }
            sink.statement(
                    table.line(i),
                    table.column(i),
                    table.endLine(i),
                    table.endColumn(i),
                    table.statements(i),
                    table.count(i) > 0);
        }
        if (counts) {
            lines.emit(sink);
        } else {
            lines.forEach((line, hits, partial) ->
                    sink.state(line, hits == 0 ? LineState.MISSED : partial ? LineState.PARTIAL : LineState.COVERED));
        }
        sink.endSource();
    }
}
