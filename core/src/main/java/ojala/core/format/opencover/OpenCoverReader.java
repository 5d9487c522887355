package ojala.core.format.opencover;

import java.io.IOException;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import ojala.core.format.LineNumber;
import ojala.core.format.ReportSink;
import ojala.core.format.UnreadableReport;
import ojala.core.xml.XmlElements;
import org.jspecify.annotations.Nullable;

/**
 * Reads one report, one module at a time: a class may lie in several files and a file in several classes, so that the
 * points of a module are held until its end.
 */
final class OpenCoverReader {
    /** What compilers write for code that no line of the source stands for. */
    private static final int HIDDEN = 0xFEEFEE;

    private final XmlElements xml;
    private final ReportSink sink;
    private final Map<String, String> paths = new HashMap<>();
    private final TreeMap<String, FilePoints> files = new TreeMap<>();
    private String methodFile = "";
    private String methodName = "";
    private int complexity;
    private boolean visited;
    private int methodLine;
    private int methodEnd;
    private String pointsFile = "";
    private boolean skippedModule;
    private boolean inMethod;

    OpenCoverReader(XmlElements xml, ReportSink sink) {
        this.xml = xml;
        this.sink = sink;
    }

    void read() throws IOException, UnreadableReport {
        xml.document("CoverageSession", this::start, this::end);
    }

    private void start() throws IOException, UnreadableReport {
        switch (xml.name()) {
            case "SequencePoint" -> sequencePoint();
            case "BranchPoint" -> branchPoint();
            case "Module" -> module();
            case "File" -> paths.put(xml.needed("uid"), xml.needed("fullPath"));
            case "Method" -> openMethod();
            case "Name" -> methodName = inMethod ? xml.text() : methodName;
            case "FileRef" -> methodFile = xml.needed("uid");
            default -> {}
        }
    }

    private void end() throws UnreadableReport {
        switch (xml.name()) {
            case "Method" -> closeMethod();
            case "Module" -> closeModule();
            default -> {}
        }
    }

    private void module() {
        paths.clear();
        files.clear();
        skippedModule = xml.attribute("skippedDueTo") != null;
        if (skippedModule) {
            sink.skipped("modules skipped by their writer");
        }
    }

    private void closeModule() {
        files.forEach((path, points) -> {
            sink.startSource(path);
            points.emit(sink);
            sink.endSource();
        });
        files.clear();
        paths.clear();
    }

    private void openMethod() throws UnreadableReport {
        if (inMethod) {
            throw xml.broken("a <Method> inside a <Method>");
        }
        inMethod = true;
        methodFile = "";
        pointsFile = "";
        methodName = "";
        methodLine = 0;
        methodEnd = 0;
        visited = false;
        complexity = (int) Math.min(xml.wholeNumber("cyclomaticComplexity").orElse(0), 1_000_000);
        if (xml.attribute("skippedDueTo") != null) {
            sink.skipped("methods skipped by their writer");
        }
    }

    /** A method without points has no place in a source: what the compiler made up. */
    private void closeMethod() throws UnreadableReport {
        inMethod = false;
        if (methodLine == 0) {
            return;
        }
        points(pointsFile).function(methodLine, methodEnd, readable(methodName), visited, Math.max(complexity, 0));
    }

    /** {@code System.Void Harbour.Tugs::Tow(System.Int32)} is {@code Tugs.Tow}. */
    private static String readable(String name) {
        int open = name.indexOf('(');
        String head = open < 0 ? name : name.substring(0, open);
        String said = head.substring(head.lastIndexOf(' ') + 1);
        int colons = said.indexOf("::");
        if (colons < 0) {
            return said;
        }
        String type = said.substring(0, colons);
        String own = type.substring(Math.max(type.lastIndexOf('.'), type.lastIndexOf('/')) + 1);
        String method = said.substring(colons + 2);
        return switch (method) {
            case ".ctor" -> own + " (constructor)";
            case ".cctor" -> own + " (static initialiser)";
            default -> own + "." + method;
        };
    }

    private void sequencePoint() throws UnreadableReport {
        long hits = -1;
        long line = -1;
        long column = 0;
        long endLine = 0;
        long endColumn = 0;
        String file = methodFile;
        for (int i = 0; i < xml.attributes(); i++) {
            switch (xml.attributeName(i)) {
                case "vc" -> hits = xml.digits(i);
                case "sl" -> line = xml.digits(i);
                case "sc" -> column = xml.digits(i);
                case "el" -> endLine = xml.digits(i);
                case "ec" -> endColumn = xml.digits(i);
                case "fileid" -> file = xml.attribute(i);
                default -> {}
            }
        }
        if (hits < 0 || line < 0) {
            throw xml.broken("<SequencePoint> without vc and sl");
        }
        if (line == HIDDEN) {
            sink.skipped("hidden points");
            return;
        }
        if (!LineNumber.isPossible(line, xml::line, sink)) {
            return;
        }
        int last = (int) Math.min(Math.max(line, endLine), LineNumber.LAST);
        points(file).statement((int) line, small(column), last, small(endColumn), hits);
        if (inMethod) {
            visited |= hits > 0;
            pointsFile = file;
            methodLine = methodLine == 0 ? (int) line : Math.min(methodLine, (int) line);
            methodEnd = Math.max(methodEnd, last);
        }
    }

    private void branchPoint() throws UnreadableReport {
        long hits = -1;
        long line = -1;
        long offset = 0;
        long path = -1;
        String file = methodFile;
        for (int i = 0; i < xml.attributes(); i++) {
            switch (xml.attributeName(i)) {
                case "vc" -> hits = xml.digits(i);
                case "sl" -> line = xml.digits(i);
                case "offset" -> offset = xml.digits(i);
                case "path" -> path = xml.digits(i);
                case "fileid" -> file = xml.attribute(i);
                default -> {}
            }
        }
        if (hits < 0 || path < 0) {
            throw xml.broken("<BranchPoint> without vc and path");
        }
        if (line < 1 || line > LineNumber.LAST || line == HIDDEN) {
            sink.skipped("branch points without a line");
            return;
        }
        points(file).side((int) line, offset + "", path + "", hits > 0);
    }

    private FilePoints points(String uid) throws UnreadableReport {
        @Nullable String path = paths.get(uid);
        if (path == null) {
            throw xml.broken(uid.isEmpty() ? "a point of no file" : "file “" + uid + "” is not among the <File>s");
        }
        return files.computeIfAbsent(path, key -> new FilePoints());
    }

    private static int small(long number) {
        return (int) Math.min(number, LineNumber.LAST);
    }
}
