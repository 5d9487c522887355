package ojala.core.format.lcov;

import java.io.IOException;
import java.math.BigDecimal;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.text.RecordLines;

/** Reads the records of one tracefile. Used once. */
final class LcovReader {
    private final RecordLines record;
    private final ReportSink sink;
    private final Section section = new Section();
    private String test = "";
    private boolean open;

    LcovReader(RecordLines record, ReportSink sink) {
        this.record = record;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        while (record.next()) {
            if (record.at(0) == 'D' && record.at(1) == 'A' && record.at(2) == ':') {
                line();
                record.takePlainLines(this::plainLine);
            } else if (record.length() > 0 && record.at(0) != '#') {
                other();
            }
        }
        if (open) {
            close("the report ends without end_of_record: it may be cut off");
        }
    }

    private void other() throws UnreadableReport {
        int colon = record.indexOf(':', 0);
        String key = record.text(0, colon < 0 ? record.length() : colon);
        int value = colon + 1;
        switch (key) {
            case "TN" -> test = record.text(value);
            case "SF" -> open(record.text(value));
            case "end_of_record" -> end();
            case "FN" -> function(value);
            case "FNDA" -> functionHits(value);
            case "FNL" -> functionPlace(value);
            case "FNA" -> functionAlias(value);
            case "BRDA" -> branch(value);
            case "MCDC" -> condition(value);
            case "LF", "LH", "BRF", "BRH", "FNF", "FNH", "MCF", "MCH" -> section.summary(key, digits(value));
            default -> unknown(key, colon);
        }
    }

    private void unknown(String key, int colon) throws UnreadableReport {
        if (colon < 0 || !key.matches("[A-Za-z_]{1,16}")) {
            throw broken("not a tracefile record", "the file may be damaged or mixed with other output");
        }
        sink.skipped(key + " records");
    }

    private void open(String path) throws UnreadableReport {
        if (open) {
            close("a new section begins without end_of_record before it");
        }
        if (path.isEmpty()) {
            throw broken("an SF record without a path", "make the report again");
        }
        open = true;
        section.clear();
        sink.startSource(path);
        sink.test(test);
    }

    private void end() throws UnreadableReport {
        needsSection();
        section.emit(sink, record.number());
        sink.endSource();
        open = false;
    }

    private void close(String why) throws UnreadableReport {
        sink.note(NoteKind.NO_END, record.number(), why);
        end();
    }

    private void line() throws UnreadableReport {
        needsSection();
        int comma = comma(3);
        int second = record.indexOf(',', comma + 1);
        int end = second < 0 ? record.length() : second;
        long line = record.digits(3, comma);
        long hits = record.digits(comma + 1, end);
        if (hits < 0) {
            hits = oddHits(record.text(comma + 1, end));
        }
        section.lineSeen(hits > 0);
        if (isLine(line)) {
            sink.line((int) line, hits);
        }
    }

    private void plainLine(int line, long hits) {
        section.lineSeen(hits > 0);
        sink.line(line, hits);
    }

    private void function(int value) throws UnreadableReport {
        needsSection();
        int comma = comma(value);
        long line = record.digits(value, comma);
        int second = record.indexOf(',', comma + 1);
        long endLine = second < 0 ? -1 : record.digits(comma + 1, second);
        String name = record.text(endLine < 0 ? comma + 1 : second + 1);
        if (isLine(line)) {
            section.function(name, (int) line, endLine < line ? 0 : (int) Math.min(endLine, LineNumber.LAST));
        }
    }

    private void functionHits(int value) throws UnreadableReport {
        needsSection();
        int comma = comma(value);
        section.functionHits(record.text(comma + 1), hits(value, comma), record.number());
    }

    private void functionPlace(int value) throws UnreadableReport {
        needsSection();
        int comma = comma(value);
        int second = record.indexOf(',', comma + 1);
        long line = record.digits(comma + 1, second < 0 ? record.length() : second);
        long endLine = second < 0 ? 0 : record.digits(second + 1, record.length());
        if (isLine(line)) {
            section.place(record.text(value, comma), (int) line, endLine < line ? 0 : (int) endLine);
        }
    }

    private void functionAlias(int value) throws UnreadableReport {
        needsSection();
        int comma = comma(value);
        int second = comma(comma + 1);
        boolean known = section.alias(record.text(value, comma), record.text(second + 1), hits(comma + 1, second) > 0);
        if (!known) {
            sink.note(
                    NoteKind.DANGLING,
                    record.number(),
                    "FNA names function " + record.text(value, comma) + ", which no FNL declares");
        }
    }

    private void branch(int value) throws UnreadableReport {
        needsSection();
        int comma = comma(value);
        int second = comma(comma + 1);
        int last = record.lastIndexOf(',');
        if (last <= second) {
            throw broken("a BRDA record with too few fields", "it has the form BRDA:line,block,branch,taken");
        }
        long line = record.digits(value, comma);
        if (record.at(comma + 1) == 'e' && record.digits(comma + 2, second) >= 0) {
            sink.skipped("exception branches");
            return;
        }
        boolean notReached = record.at(last + 1) == '-' && record.length() == last + 2;
        boolean taken = !notReached && hits(last + 1, record.length()) > 0;
        section.branchSeen(taken);
        if (isLine(line)) {
            section.branch((int) line, record.text(comma + 1, second), record.text(second + 1, last), taken);
        }
    }

    private void condition(int value) throws UnreadableReport {
        needsSection();
        String[] fields = record.text(value).split(",", 6);
        long line = fields.length < 6 ? 0 : number(fields[0]);
        long size = fields.length < 6 ? -1 : number(fields[1]);
        long index = fields.length < 6 ? -1 : number(fields[4]);
        if (size < 0 || index < 0 || size > LineNumber.LAST || index > LineNumber.LAST) {
            throw broken(
                    "an MCDC record that can't be read",
                    "it has the form MCDC:line,groupSize,sense,taken,index,expression");
        }
        boolean covered = oddHits(fields[3]) > 0;
        section.conditionSeen(covered);
        if (isLine(line)) {
            sink.condition((int) line, (int) size, (int) index, fields[2], fields[5], covered);
        }
    }

    private static long number(String digits) {
        return digits.matches("\\d{1,9}") ? Long.parseLong(digits) : -1;
    }

    private long digits(int value) {
        return record.digits(value, record.length());
    }

    private long hits(int from, int to) throws UnreadableReport {
        long hits = record.digits(from, to);
        return hits >= 0 ? hits : oddHits(record.text(from, to));
    }

    /**
     * Hits that are not plain digits: negative, beyond 18 digits, or in exponent notation, as some writers have them.
     */
    private long oddHits(String text) throws UnreadableReport {
        try {
            BigDecimal hits = new BigDecimal(text.strip());
            if (hits.precision() - (long) hits.scale() > 1000) {
                return hits.signum() < 0 ? 0 : Long.MAX_VALUE;
            }
            if (hits.signum() < 0) {
                sink.note(NoteKind.NEGATIVE_HITS, record.number(), text + " hits are counted as 0");
                return 0;
            }
            return hits.min(BigDecimal.valueOf(Long.MAX_VALUE)).longValue();
        } catch (NumberFormatException notANumber) {
            throw broken("“" + shortened(text) + "” is no hit count", "the file may be cut off or damaged");
        }
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    private boolean isLine(long line) throws UnreadableReport {
        if (line < 0) {
            throw broken("no line number where one belongs", "the file may be cut off or damaged");
        }
        return LineNumber.isPossible(line, record::number, sink);
    }

    private int comma(int from) throws UnreadableReport {
        int comma = record.indexOf(',', from);
        if (comma < 0) {
            throw broken("a record with too few fields", "the file may be cut off or damaged");
        }
        return comma;
    }

    private void needsSection() throws UnreadableReport {
        if (!open) {
            throw broken("a record outside a section", "each section begins with SF: and ends with end_of_record");
        }
    }

    private UnreadableReport broken(String what, String next) {
        return record.broken(what, next);
    }
}
