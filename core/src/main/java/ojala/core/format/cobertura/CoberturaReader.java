package ojala.core.format.cobertura;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.OptionalLong;
import ojala.core.format.LineNumber;
import ojala.core.format.NoteKind;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.xml.XmlElements;
import org.jspecify.annotations.Nullable;

/**
 * Reads one report. A class is a telling of its file: several classes of one file, and its methods, lay over each
 * other.
 */
final class CoberturaReader {
    private static final long MISSING = Long.MIN_VALUE;

    private final XmlElements xml;
    private final ReportSink sink;
    private final ClassLines lines = new ClassLines();
    private @Nullable Method method;
    private boolean inClass;

    /** A method, known when its lines are. */
    private static final class Method {
        private final String name;
        private final int complexity;
        private int first = Integer.MAX_VALUE;
        private int last;
        private boolean covered;

        Method(String name, int complexity) {
            this.name = name;
            this.complexity = complexity;
        }

        void line(int number, long hits) {
            first = Math.min(first, number);
            last = Math.max(last, number);
            covered |= hits > 0;
        }
    }

    CoberturaReader(XmlElements xml, ReportSink sink) {
        this.xml = xml;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        xml.document("coverage", this::start, this::end);
    }

    private void start() throws IOException, UnreadableReport {
        switch (xml.name()) {
            case "source" -> root(xml.text().strip());
            case "class" -> openClass();
            case "method" -> openMethod();
            case "line" -> line();
            case "condition" -> sink.skipped("condition numbers");
            case "coverage", "sources", "packages", "package", "classes", "methods", "lines", "conditions" -> {}
            default -> sink.skipped("<" + shortened(xml.name()) + "> elements");
        }
    }

    private void end() throws UnreadableReport {
        switch (xml.name()) {
            case "method" -> closeMethod();
            case "class" -> closeClass();
            default -> {}
        }
    }

    private void root(String folder) {
        if (!folder.isEmpty()) {
            sink.root(folder);
        }
    }

    private void openClass() throws UnreadableReport {
        String file = xml.needed("filename");
        if (inClass || file.isBlank()) {
            throw xml.broken(inClass ? "a <class> inside a <class>" : "a <class> with an empty filename");
        }
        inClass = true;
        lines.clear();
        sink.resumeSource(file);
    }

    private void closeClass() {
        lines.emit(sink);
        sink.endSource();
        inClass = false;
    }

    private void openMethod() throws UnreadableReport {
        if (!inClass) {
            throw xml.broken("a <method> outside a <class>");
        }
        method = new Method(readable(xml.needed("name")), complexity(xml.attribute("complexity")));
    }

    /** A method without lines says neither where it is nor whether it ran. */
    private void closeMethod() {
        Method closing = method;
        method = null;
        if (closing == null) {
            return;
        }
        if (closing.last == 0) {
            sink.skipped("methods without lines");
            return;
        }
        sink.function(closing.first, 0, closing.last, closing.name, closing.covered, closing.complexity);
    }

    private static String readable(String name) {
        return switch (name) {
            case "<init>" -> "(constructor)";
            case "<clinit>" -> "(static initialiser)";
            default -> name;
        };
    }

    /**
     * Whole numbers only: {@code NaN}, 0 and the averages of localised writers ({@code 1,5}) say nothing of a method.
     */
    private static int complexity(@Nullable String text) {
        return text != null && text.matches("[1-9][0-9]{0,8}([.,]0+)?") ? Integer.parseInt(text.split("[.,]")[0]) : 0;
    }

    /** One pass over the attributes, and no text made of numbers: nearly all of a report is lines. */
    private void line() throws UnreadableReport {
        if (!inClass) {
            throw xml.broken("a <line> outside a <class>");
        }
        long number = MISSING;
        long hits = MISSING;
        String said = null;
        for (int i = 0; i < xml.attributes(); i++) {
            switch (xml.attributeName(i)) {
                case "number" -> number = number(i);
                case "hits" -> hits = hits(i);
                case "condition-coverage" -> said = xml.attribute(i);
                default -> {}
            }
        }
        if (number == MISSING || hits == MISSING) {
            throw xml.broken("<line> without the attribute " + (number == MISSING ? "number" : "hits"));
        }
        if (!LineNumber.isPossible(number, xml::line, sink)) {
            return;
        }
        if (method != null) {
            method.line((int) number, hits);
        }
        if (said == null) {
            lines.add((int) number, hits, 0, 0);
        } else {
            conditions((int) number, hits, said);
        }
    }

    /** {@code 50% (1/2)}: the share is rounded and never used. */
    private void conditions(int number, long hits, String said) {
        int open = said.indexOf('(');
        int slash = said.indexOf('/', open + 1);
        int close = said.indexOf(')', slash + 1);
        int taken = open < 0 ? -1 : digits(said, open + 1, slash);
        int sides = slash < 0 ? -1 : digits(said, slash + 1, close);
        if (taken < 0 || sides < taken) {
            sink.note(
                    NoteKind.NO_BRANCH_COUNTS,
                    xml.line(),
                    "condition-coverage “" + shortened(said) + "” has no counts (taken/sides); branches are left out");
            lines.add(number, hits, 0, 0);
            return;
        }
        lines.add(number, hits, taken, sides);
    }

    /** One to six digits as a number; -1 for anything else. */
    private static int digits(String text, int from, int to) {
        if (to <= from || to - from > 6) {
            return -1;
        }
        int value = 0;
        for (int i = from; i < to; i++) {
            int digit = text.charAt(i) - '0';
            if (digit < 0 || digit > 9) {
                return -1;
            }
            value = value * 10 + digit;
        }
        return value;
    }

    private long number(int attribute) throws UnreadableReport {
        OptionalLong number = xml.wholeNumber(attribute);
        if (number.isEmpty()) {
            throw xml.broken("number=“" + shortened(xml.attribute(attribute)) + "” of a <line> is no number");
        }
        return number.getAsLong();
    }

    private long hits(int attribute) throws UnreadableReport {
        OptionalLong whole = xml.wholeNumber(attribute);
        long hits = whole.isPresent()
                ? whole.getAsLong()
                : largeHits(xml.attribute(attribute).strip());
        if (hits < 0) {
            sink.note(NoteKind.NEGATIVE_HITS, xml.line(), xml.attribute(attribute) + " hits are counted as 0");
            return 0;
        }
        return hits;
    }

    private long largeHits(String text) throws UnreadableReport {
        try {
            BigDecimal hits = new BigDecimal(text);
            if (hits.precision() - (long) hits.scale() > 1000) {
                return hits.signum() * Long.MAX_VALUE;
            }
            return hits.max(BigDecimal.valueOf(-1))
                    .min(BigDecimal.valueOf(Long.MAX_VALUE))
                    .longValue();
        } catch (NumberFormatException notANumber) {
            throw xml.broken("hits=“" + shortened(text) + "” of a <line> is no hit count");
        }
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}
