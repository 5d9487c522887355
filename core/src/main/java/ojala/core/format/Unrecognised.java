package ojala.core.format;

import java.util.List;

/**
 * Explains why a file is no report. What it looks like is known by its first bytes; data that a toolchain writes before
 * its export step is named together with that step.
 */
final class Unrecognised {
    private record Look(String what, String next, int... firstBytes) {}

    private static final String NO_REPORT = "send the coverage report instead";

    private static final List<Look> LOOKS = List.of(
            new Look("a PNG picture", NO_REPORT, 0x89, 'P', 'N', 'G'),
            new Look("a JPEG picture", NO_REPORT, 0xff, 0xd8, 0xff),
            new Look("a GIF picture", NO_REPORT, 'G', 'I', 'F', '8'),
            new Look("a PDF document", NO_REPORT, '%', 'P', 'D', 'F'),
            new Look("a zip archive", "send the reports in it one by one", 'P', 'K', 3, 4),
            new Look("an ELF program", NO_REPORT, 0x7f, 'E', 'L', 'F'),
            new Look("raw gcov counters (.gcda)", "export them with gcov first", 'a', 'd', 'c', 'g'),
            new Look("a gcov graph (.gcno)", "run the tests, then export with gcov", 'o', 'n', 'c', 'g'),
            new Look(
                    "a raw LLVM profile",
                    "merge it with llvm-profdata, then llvm-cov export",
                    0x81,
                    'r',
                    'f',
                    'o',
                    'r'),
            new Look("a JVM agent's execution data", "make the XML report from it first", 0x01, 0xc0, 0xc0),
            new Look("an SQLite data file", "export it as XML, JSON or LCOV first", 'S', 'Q', 'L', 'i', 't', 'e'));

    private Unrecognised() {}

    static UnreadableReport explain(Head head) {
        if (head.isEmpty()) {
            return new UnreadableReport(
                    "none", "", "the file is empty: the test run wrote nothing; look at its log, then send again");
        }
        for (Look look : LOOKS) {
            if (head.startsWith(look.firstBytes())) {
                return new UnreadableReport(
                        "none", "byte 0", "this is " + look.what() + ", not a coverage report: " + look.next());
            }
        }
        return new UnreadableReport(
                "none",
                "byte 0",
                "not a coverage report that Ojala reads (considered: " + Formats.titles()
                        + "): check which file the test run writes");
    }
}
