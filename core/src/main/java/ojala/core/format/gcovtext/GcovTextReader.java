package ojala.core.format.gcovtext;

import java.io.IOException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.Origin;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.text.RecordLines;

/**
 * Reads one listing, or several one after the other. Between lines of dashes the instances of a template repeat lines
 * that the listing has summed already: they are passed over, but for their branches and calls.
 */
final class GcovTextReader {
    private static final Pattern FUNCTION = Pattern.compile("function (.+) called (\\d+) returned .*");
    private static final Pattern BRANCH = Pattern.compile("branch\\s+\\d+ (never executed|taken (\\d+)%?)(.*)");
    private static final Pattern CALL = Pattern.compile("call\\s+\\d+ (never executed|returned (\\d+)%?).*");
    private static final String PAST_THE_END = "/*EOF*/";

    private final RecordLines record;
    private final Origin origin;
    private final ReportSink sink;
    private String source = "";
    private String folder = "";
    private boolean open;
    private boolean anyLine;
    private boolean inInstance;
    private boolean afterDashes;
    private int line;
    private int way;
    private String function = "";
    private boolean functionCalled;

    GcovTextReader(RecordLines record, Origin origin, ReportSink sink) {
        this.record = record;
        this.origin = origin;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        boolean any = false;
        while (record.next()) {
            if (record.length() > 0) {
                any = true;
                record();
            }
        }
        if (!any) {
            throw record.broken("nothing in it", "make the listing again");
        }
        openSource();
        closeSource();
    }

    private void record() throws UnreadableReport {
        byte first = record.at(0);
        if (first == '-' && record.at(1) == '-') {
            afterDashes = true;
            return;
        }
        int colon = record.indexOf(':', 0);
        int second = colon < 0 ? -1 : record.indexOf(':', colon + 1);
        long number = second < 0 ? -1 : digits(colon + 1, second);
        if (number < 0 && other(colon)) {
            return;
        }
        if (number < 0) {
            throw record.broken("not a line of a listing", "it has the form count:line:text; the file may be damaged");
        }
        if (afterDashes) {
            inInstance = false;
            afterDashes = false;
        }
        if (number == 0) {
            header(record.text(second + 1));
        } else {
            openSource();
            line(colon, number, second + 1);
        }
    }

    private long digits(int from, int to) {
        int first = from;
        while (first < to && record.at(first) == ' ') {
            first++;
        }
        return record.digits(first, to);
    }

    /** What stands between the lines; false if it is nothing that a listing has. */
    private boolean other(int colon) {
        String text = record.text(0);
        if (afterDashes && text.endsWith(":")) {
            inInstance = true;
            afterDashes = false;
            return true;
        }
        Matcher called = FUNCTION.matcher(text);
        if (text.startsWith("f") && called.matches()) {
            function = called.group(1);
            functionCalled = !called.group(2).matches("0+");
            return true;
        }
        Matcher branch = BRANCH.matcher(text);
        if (text.startsWith("b") && branch.matches()) {
            branch(branch);
            return true;
        }
        Matcher call = CALL.matcher(text);
        if (text.startsWith("c") && call.matches()) {
            if (line > 0) {
                sink.calls(line, call.group(2) != null && !call.group(2).matches("0+") ? 1 : 0, 1);
            }
            return true;
        }
        // blocks of a line, listed under it: “%%%%%:   12-block  0”
        return text.startsWith("unconditional ") || (colon > 0 && text.matches("[^:]+:\\s*\\d+-block\\s+\\d+.*"));
    }

    private void branch(Matcher branch) {
        if (branch.group(3).contains("(throw)")) {
            sink.skipped("exception branches");
        } else if (line > 0) {
            boolean taken = branch.group(2) != null && !branch.group(2).matches("0+");
            sink.branchSide(line, "", String.valueOf(way++), taken);
        }
    }

    private void header(String text) {
        int colon = text.indexOf(':');
        String key = colon < 0 ? text : text.substring(0, colon);
        if (key.equals("Source")) {
            if (!source.isEmpty()) {
                openSource();
                closeSource();
            }
            source = text.substring(colon + 1);
        } else if (key.equals("Working directory")) {
            folder = text.substring(colon + 1);
        }
    }

    private void openSource() {
        if (open) {
            return;
        }
        open = true;
        anyLine = false;
        line = 0;
        function = "";
        boolean relative = !source.startsWith("/") && !folder.isEmpty() && !source.isEmpty();
        sink.startSource(
                relative ? folder + "/" + source : source.isEmpty() ? ListingName.source(origin.fileName()) : source);
    }

    private void closeSource() {
        if (!anyLine) {
            sink.note(
                    NoteKind.OTHER_SOURCE,
                    record.number(),
                    "the listing has no line of code: it was made without its source; run gcov where the source is");
        }
        sink.endSource();
        open = false;
        source = "";
    }

    private void line(int colon, long number, int textFrom) throws UnreadableReport {
        if (!LineNumber.isPossible(number, record::number, sink)) {
            line = 0;
            return;
        }
        line = (int) number;
        way = 0;
        if (record.at(textFrom) == '/' && record.text(textFrom).equals(PAST_THE_END)) {
            sink.note(
                    NoteKind.OTHER_SOURCE,
                    record.number(),
                    "line " + line + " is past the end of the source that the listing was made with");
        }
        if (inInstance) {
            sink.skipped("lines of template instances");
            return;
        }
        if (!function.isEmpty()) {
            sink.function(line, 0, 0, function, functionCalled, 0);
            function = "";
        }
        if (record.at(0) == '-' && colon == 1) {
            anyLine |= textFrom < record.length();
            return;
        }
        anyLine = true;
        boolean partial = record.at(colon - 1) == '*';
        int to = partial ? colon - 1 : colon;
        long plain = record.digits(0, to);
        sink.line(line, plain >= 0 ? plain : hits(record.text(0, to).strip()));
        if (partial) {
            sink.partial(line);
        }
    }

    /** A number, one for people ({@code 1.2k}), or a mark that nothing ran. */
    private long hits(String text) throws UnreadableReport {
        if (text.equals("#####") || text.equals("=====")) {
            return 0;
        }
        if (text.matches("\\d{19,1000}")) {
            return Long.MAX_VALUE;
        }
        if (text.matches("\\d{1,6}(\\.\\d{1,3})?[kMGTPEZY]")) {
            int thousands = "kMGTPEZY".indexOf(text.charAt(text.length() - 1)) + 1;
            return (long) (Double.parseDouble(text.substring(0, text.length() - 1)) * Math.pow(1000, thousands));
        }
        if (text.matches("-\\d{1,1000}")) {
            sink.note(NoteKind.NEGATIVE_HITS, record.number(), text + " hits are counted as 0");
            return 0;
        }
        throw record.broken("no count before the line's number", "the file may be cut off or damaged");
    }
}
