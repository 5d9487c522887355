package ojala.core.format;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

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
            new Look(
                    "a merged LLVM profile",
                    "make the report from it with llvm-cov export",
                    0xff,
                    'l',
                    'p',
                    'r',
                    'o',
                    'f',
                    'i'),
            new Look("raw Go coverage data", "convert it with go tool covdata textfmt", 0, 'c', 'v', 'm'),
            new Look("raw Go coverage data", "convert it with go tool covdata textfmt", 0, 'c', 'w', 'm'),
            new Look("a JVM agent's execution data", "make the XML report from it first", 0x01, 0xc0, 0xc0),
            new Look("an SQLite data file", "export it as XML, JSON or LCOV first", 'S', 'Q', 'L', 'i', 't', 'e'));

    /** What a text that is no report looks like. */
    private enum Text {
        TEST_RESULTS("<testsuites?[\\s>].*", "these are test results (JUnit XML), no coverage report: " + NO_REPORT),
        PAGE("(?i)<(!doctype )?html[\\s>].*", "this is a web page: send the report that it was made from"),
        GO_TEST("(ok|---|=== RUN|\\?) .*", "this is the output of go test: send the file that -coverprofile names"),
        GIT_LFS("version https://git-lfs.*", "this is a pointer of git-lfs, not the file: fetch the file itself first");

        private final Pattern looks;
        private final String answer;

        Text(String looks, String answer) {
            this.looks = Pattern.compile("\\s*(?:<\\?[^>]*\\?>\\s*)?(?:" + looks + ")", Pattern.DOTALL);
            this.answer = answer;
        }

        static Optional<String> of(String text) {
            return Arrays.stream(values())
                    .filter(one -> one.looks.matcher(text).matches())
                    .map(one -> one.answer)
                    .findFirst();
        }
    }

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
        Optional<String> look = Text.of(head.text());
        if (look.isPresent()) {
            return new UnreadableReport("none", "byte 0", look.get());
        }
        return new UnreadableReport(
                "none",
                "byte 0",
                "not a coverage report that Ojala reads (considered: " + Formats.titles()
                        + "): check which file the test run writes");
    }
}
