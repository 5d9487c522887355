package ojala.core.format.jacoco;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ojala.core.format.LineNumber;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.model.LineState;
import ojala.core.xml.XmlElements;
import org.jspecify.annotations.Nullable;

/** Reads one report. The methods of a package are held until its source files, which stand behind its classes. */
final class JacocoReader {
    private static final int MOST = 1_000_000;

    private final XmlElements xml;
    private final ReportSink sink;
    private final Deque<String> groups = new ArrayDeque<>();
    private final Map<String, List<Method>> methods = new HashMap<>();
    private final Deque<String> open = new ArrayDeque<>();
    private String packageName = "";
    private String className = "";
    private @Nullable String classFile;
    private @Nullable Method method;
    private boolean inFile;

    /** A method, known when its counters are. */
    private static final class Method {
        private final String name;
        private final int line;
        private int complexity;
        private boolean covered;

        Method(String name, int line) {
            this.name = name;
            this.line = line;
        }
    }

    JacocoReader(XmlElements xml, ReportSink sink) {
        this.xml = xml;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        xml.document("report", this::start, this::end);
    }

    private void start() throws UnreadableReport {
        switch (xml.name()) {
            case "line" -> line();
            case "counter" -> counter();
            case "group" -> groups.addLast(xml.needed("name"));
            case "package" -> openPackage();
            case "class" -> openClass();
            case "method" -> openMethod();
            case "sourcefile" -> openFile();
            case "sessioninfo" -> sink.skipped("session entries");
            default ->
                sink.skipped(
                        "<" + (xml.name().length() > 40 ? xml.name().substring(0, 40) : xml.name()) + "> elements");
        }
    }

    private void end() throws UnreadableReport {
        switch (xml.name()) {
            case "group" -> groups.pollLast();
            case "package" -> closePackage();
            case "class" -> classFile = null;
            case "method" -> method = null;
            case "sourcefile" -> closeFile();
            default -> {}
        }
    }

    private void openPackage() throws UnreadableReport {
        if (!open.isEmpty()) {
            throw xml.broken("a <package> inside a <" + open.getLast() + ">");
        }
        open.addLast("package");
        packageName = xml.needed("name");
    }

    /** What is left has no source file: compiled without the name of one. */
    private void closePackage() {
        open.pollLast();
        methods.values().forEach(left -> left.forEach(one -> sink.skipped("methods of files without lines")));
        methods.clear();
        packageName = "";
    }

    private void openClass() throws UnreadableReport {
        String name = xml.needed("name");
        className = name.substring(name.lastIndexOf('/') + 1).replace('$', '.');
        classFile = xml.attribute("sourcefilename");
        if (classFile == null) {
            sink.skipped("classes without a source file");
        }
    }

    private void openMethod() throws UnreadableReport {
        String name = xml.needed("name");
        int line = (int) Math.min(xml.wholeNumber("line").orElse(0), LineNumber.LAST);
        if (classFile == null || line < 1) {
            if (classFile != null) {
                sink.skipped("methods without a line");
            }
            return;
        }
        method = new Method(readable(name), line);
        methods.computeIfAbsent(classFile, key -> new ArrayList<>()).add(method);
    }

    /** Names for people: those of the machine say {@code <init>}, {@code <clinit>}, {@code lambda$moor$0}. */
    private String readable(String name) {
        if (name.equals("<init>")) {
            return className + " (constructor)";
        }
        if (name.equals("<clinit>")) {
            return className + " (static initialiser)";
        }
        String plain = name.replaceFirst("^lambda\\$(.+)\\$(\\d+)$", "lambda $2 in $1");
        return className + "." + plain;
    }

    /** Only a method's own counters tell what lines do not. */
    private void counter() throws UnreadableReport {
        if (method == null) {
            return;
        }
        String type = xml.needed("type");
        if (type.equals("COMPLEXITY")) {
            method.complexity = (int) Math.min(amount("missed") + amount("covered"), MOST);
        } else if (type.equals("METHOD")) {
            method.covered = amount("covered") > 0;
        }
    }

    private long amount(String attribute) throws UnreadableReport {
        return xml.wholeNumber(attribute)
                .orElseThrow(() -> xml.broken("<" + xml.name() + "> without a number in " + attribute));
    }

    private void openFile() throws UnreadableReport {
        if (open.isEmpty() || inFile) {
            throw xml.broken("a <sourcefile> outside a <package>");
        }
        open.addLast("sourcefile");
        inFile = true;
        String name = xml.needed("name");
        String folder = packageName.isEmpty() ? "" : packageName + "/";
        String group = groups.isEmpty() ? "" : String.join("/", groups) + "/";
        sink.startSource(group + folder + name);
        List<Method> own = methods.remove(name);
        if (own != null) {
            own.forEach(one -> sink.function(one.line, 0, 0, one.name, one.covered, one.complexity));
        }
    }

    private void closeFile() {
        open.pollLast();
        inFile = false;
        sink.endSource();
    }

    /** One pass over the attributes: nearly all of a report is lines. */
    private void line() throws UnreadableReport {
        if (!inFile) {
            throw xml.broken("a <line> outside a <sourcefile>");
        }
        long number = -1;
        int missed = 0;
        int covered = 0;
        int missedBranches = 0;
        int coveredBranches = 0;
        for (int i = 0; i < xml.attributes(); i++) {
            switch (xml.attributeName(i)) {
                case "nr" -> number = number(i);
                case "mi" -> missed = number(i);
                case "ci" -> covered = number(i);
                case "mb" -> missedBranches = number(i);
                case "cb" -> coveredBranches = number(i);
                default -> {}
            }
        }
        if (number < 0) {
            throw xml.broken("<line> without the attribute nr");
        }
        if (!LineNumber.isPossible(number, xml::line, sink)) {
            return;
        }
        int line = (int) number;
        boolean partial = missed > 0 || missedBranches > 0;
        sink.state(line, covered == 0 ? LineState.MISSED : partial ? LineState.PARTIAL : LineState.COVERED);
        if (missed + covered > 0) {
            sink.instructions(line, covered, missed + covered);
        }
        if (missedBranches + coveredBranches > 0) {
            sink.branchCount(line, coveredBranches, missedBranches + coveredBranches, false);
        }
    }

    private int number(int attribute) throws UnreadableReport {
        return (int) Math.min(xml.digits(attribute), LineNumber.LAST + 1L);
    }
}
