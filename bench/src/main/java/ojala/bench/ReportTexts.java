package ojala.bench;

import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Reports made up in each format: many sources alike, 600 lines each, of which every fifth was never reached and every
 * sixteenth branches.
 */
final class ReportTexts {
    static final int LINES = 600;

    private static final String SCRIPT = "let level = tide(moon);\n".repeat(LINES);

    /** A format's report: what stands before the sources, between them, and behind. */
    private record Shape(String before, IntFunction<String> source, String between, String after) {}

    private static final Map<String, Shape> SHAPES = Map.ofEntries(
            Map.entry("lcov", new Shape("TN:\n", ReportTexts::lcov, "", "")),
            Map.entry("goprofile", new Shape("mode: count\n", ReportTexts::goProfile, "", "")),
            Map.entry("gcovtext", new Shape("", ReportTexts::gcovText, "", "")),
            Map.entry(
                    "cobertura",
                    new Shape(
                            "<coverage line-rate=\"0.8\"><sources><source>/ci/tides</source></sources><packages>"
                                    + "<package name=\"tides\"><classes>\n",
                            ReportTexts::cobertura,
                            "\n",
                            "</classes></package></packages></coverage>\n")),
            Map.entry(
                    "jacoco",
                    new Shape(
                            "<report name=\"port\"><package name=\"candela/berths\">",
                            ReportTexts::jacoco,
                            "\n",
                            "</package></report>")),
            Map.entry(
                    "clover",
                    new Shape(
                            "<coverage generated=\"1\"><project timestamp=\"1\">\n",
                            ReportTexts::clover,
                            "\n",
                            "</project></coverage>")),
            Map.entry(
                    "opencover",
                    new Shape(
                            "<CoverageSession><Modules>",
                            ReportTexts::openCover,
                            "\n",
                            "</Modules></CoverageSession>")),
            Map.entry(
                    "exchange",
                    new Shape("{\"ojala\":\"exchange\",\"version\":1}\n", ReportTexts::exchange, "\n", "\n")),
            Map.entry("gcov", new Shape("", ReportTexts::gcov, "\n", "\n")),
            Map.entry(
                    "llvm",
                    new Shape(
                            "{\"data\":[{\"files\":[",
                            ReportTexts::llvm,
                            ",\n",
                            "],\"functions\":[]}],\"type\":\"llvm.coverage.json.export\",\"version\":\"2.0.1\"}")),
            Map.entry("istanbul", new Shape("{", ReportTexts::istanbul, ",\n", "}")),
            Map.entry("v8", new Shape("{\"result\":[", ReportTexts::v8, ",\n", "]}")),
            Map.entry(
                    "coveragepy",
                    new Shape(
                            "{\"meta\":{\"version\":\"7.6\",\"branch_coverage\":true},\"files\":{",
                            ReportTexts::coveragePy,
                            ",\n",
                            "},\"totals\":{}}")),
            Map.entry(
                    "simplecov",
                    new Shape("{\"unit\":{\"coverage\":{", ReportTexts::ruby, ",\n", "},\"timestamp\":1}}")),
            Map.entry("ruby", new Shape("{", ReportTexts::ruby, ",\n", "}")));

    private ReportTexts() {}

    /** A report of at least so many characters. */
    static String of(String format, int size) {
        Shape shape = SHAPES.get(format);
        StringBuilder text = new StringBuilder(size + 100_000).append(shape.before());
        for (int source = 0; text.length() < size; source++) {
            text.append(source == 0 ? "" : shape.between())
                    .append(shape.source().apply(source));
        }
        return text.append(shape.after()).toString();
    }

    /** What stands before the first source. */
    static String before(String format) {
        return SHAPES.get(format).before();
    }

    static String source(String format, int index) {
        return (index == 0 ? "" : SHAPES.get(format).between())
                + SHAPES.get(format).source().apply(index);
    }

    static String after(String format) {
        return SHAPES.get(format).after();
    }

    /** The text of any script, for formats that need it. */
    static Optional<String> script(String path) {
        return Optional.of(SCRIPT);
    }

    private static long hits(int line) {
        return line % 5 == 0 ? 0 : line * 31L % 977;
    }

    private static String each(IntFunction<String> line, String between) {
        return IntStream.rangeClosed(1, LINES).mapToObj(line).collect(Collectors.joining(between));
    }

    private static String lcov(int source) {
        return "SF:/ci/harbour/quayside/src/berth" + source + ".ts\n"
                + each(
                        line -> "DA:" + line + "," + hits(line) + "\n"
                                + (line % 16 == 0
                                        ? "BRDA:" + line + ",0,0," + hits(line) + "\nBRDA:" + line + ",0,1,0\n"
                                        : ""),
                        "")
                + "end_of_record\n";
    }

    private static String goProfile(int source) {
        String name = "harbour.example/port/beacon/ais/decode" + source + ".go:";
        return each(
                line -> line % 3 == 0 ? name + (line - 2) + ".14," + line + ".3 2 " + hits(line / 3) + "\n" : "", "");
    }

    private static String gcovText(int source) {
        return "        -:    0:Source:level" + source + ".c\n"
                + each(
                        line -> (hits(line) == 0 ? "    #####" : String.format("%9d", hits(line)))
                                + String.format(":%5d:    level += tide(moon, harbour[%d]);\n", line, line)
                                + (line % 16 == 0 ? "branch  0 taken 50%\nbranch  1 taken 50%\n" : ""),
                        "");
    }

    private static String cobertura(int source) {
        String name = "model" + source + ".py";
        return "<class name=\"" + name + "\" filename=\"tides/" + name + "\" line-rate=\"0.8\"><methods/><lines>\n"
                + each(
                        line -> "    <line number=\"" + line + "\" hits=\"" + hits(line)
                                + (line % 16 == 0 ? "\" branch=\"true\" condition-coverage=\"50% (1/2)\"/>" : "\"/>"),
                        "\n")
                + "</lines></class>";
    }

    private static String jacoco(int source) {
        return "<sourcefile name=\"Berth" + source + ".java\">"
                + each(
                        line -> "<line nr=\"" + line + "\" mi=\"" + (hits(line) == 0 ? 4 : 0) + "\" ci=\""
                                + (hits(line) == 0 ? 0 : 4) + "\" mb=\"" + (line % 16 == 0 ? 1 : 0) + "\" cb=\"0\"/>",
                        "")
                + "</sourcefile>";
    }

    private static String clover(int source) {
        return "<file name=\"/ci/harbour/pilots/Roster" + source + ".php\">\n"
                + each(line -> "<line num=\"" + line + "\" type=\"stmt\" count=\"" + hits(line) + "\"/>", "\n")
                + "</file>";
    }

    private static String openCover(int source) {
        return "<Module><Files><File uid=\"1\" fullPath=\"C:\\ci\\Tug" + source + ".cs\"/></Files><Classes><Class>"
                + "<Methods><Method cyclomaticComplexity=\"9\"><Name>System.Void Tug::Tow()</Name><FileRef uid=\"1\"/>"
                + "<SequencePoints>"
                + each(
                        line -> "<SequencePoint vc=\"" + hits(line) + "\" uspid=\"" + line + "\" ordinal=\"" + line
                                + "\" offset=\"" + line * 4 + "\" sl=\"" + line + "\" sc=\"9\" el=\"" + line
                                + "\" ec=\"40\" bec=\"0\" bev=\"0\" fileid=\"1\"/>",
                        "")
                + "</SequencePoints></Method></Methods></Class></Classes></Module>";
    }

    private static String exchange(int source) {
        String missed = each(line -> line % 5 == 0 ? line + "," : "", "");
        String covered =
                each(line -> line % 5 == 0 ? "" : line % 5 == 1 ? line + "-" : line % 5 == 4 ? line + "," : "", "");
        return "{\"source\":\"src/berth" + source + ".ts\",\"covered\":\""
                + covered.substring(0, covered.length() - 1) + "\",\"missed\":\""
                + missed.substring(0, missed.length() - 1) + "\",\"hits\":["
                + each(line -> String.valueOf(line % 5 == 0 ? 0 : 1 + hits(line)), ",") + "]}";
    }

    private static String gcov(int source) {
        return "{\"gcc_version\":\"12.2.0\",\"files\":[{\"lines\":["
                + each(
                        line -> "{\"branches\":["
                                + (line % 16 == 0
                                        ? "{\"count\":4,\"throw\":false,\"fallthrough\":true},{\"count\":0,\"throw\":false,"
                                                + "\"fallthrough\":false}"
                                        : "")
                                + "],\"count\":" + hits(line) + ",\"line_number\":" + line
                                + ",\"unexecuted_block\":false,\"function_name\":\"level\"}",
                        ",")
                + "],\"functions\":[],\"file\":\"level" + source
                + ".c\"}],\"format_version\":\"1\",\"current_working_directory\":\"/ci/gauge\"}";
    }

    private static String llvm(int source) {
        return "{\"branches\":[],\"expansions\":[],\"filename\":\"/ci/harbour/gauge/level" + source
                + ".c\",\"segments\":["
                + each(line -> "[" + line + ",12," + hits(line) + ",true,true,false]", ",") + "],\"summary\":{}}";
    }

    private static String istanbul(int source) {
        String path = "\"/ci/harbour/quayside/src/berth" + source + ".ts\"";
        return path + ":{\"path\":" + path + ",\"statementMap\":{"
                + each(
                        line -> "\"" + line + "\":{\"start\":{\"line\":" + line + ",\"column\":2},\"end\":{\"line\":"
                                + line + ",\"column\":40}}",
                        ",")
                + "},\"fnMap\":{},\"branchMap\":{},\"s\":{" + each(line -> "\"" + line + "\":" + hits(line), ",")
                + "},\"f\":{},\"b\":{}}";
    }

    private static String v8(int source) {
        return "{\"scriptId\":\"" + source + "\",\"url\":\"file:///ci/harbour/quayside/src/tide" + source
                + ".js\",\"functions\":["
                + each(
                        line -> "{\"functionName\":\"rise\",\"ranges\":[{\"startOffset\":" + (line - 1) * 24
                                + ",\"endOffset\":" + (line * 24 - 1) + ",\"count\":" + hits(line)
                                + "}],\"isBlockCoverage\":true}",
                        ",")
                + "]}";
    }

    private static String coveragePy(int source) {
        return "\"tides/model" + source + ".py\":{\"executed_lines\":["
                + each(line -> line % 5 == 0 ? "" : line + (line % 5 == 4 && line > LINES - 5 ? "" : ","), "")
                + "],\"missing_lines\":[" + each(line -> line % 5 == 0 ? line + (line == LINES ? "" : ",") : "", "")
                + "],\"excluded_lines\":[],\"executed_branches\":["
                + each(line -> line % 16 == 0 ? "[" + line + "," + (line + 1) + "]" + (line == 592 ? "" : ",") : "", "")
                + "],\"missing_branches\":[]}";
    }

    private static String ruby(int source) {
        return "\"/ci/harbour/pilots/roster" + source + ".rb\":{\"lines\":["
                + each(line -> line % 7 == 0 ? "null" : String.valueOf(hits(line)), ",") + "]}";
    }
}
