package ojala.core.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import ojala.core.format.Report;
import ojala.core.format.ReportReader;
import ojala.core.model.Count;
import ojala.core.path.PathMatching;
import org.testng.annotations.Test;

/** From a report that was read to the files of a commit. */
public class MatchedReportTest {
    private static final Optional<PathMatching> TREE =
            Optional.of(new PathMatching(List.of("tides/tides/datum.py", "quay/berths.js"), List.of()));

    private static Report report(String text) throws Exception {
        return ReportReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), 1 << 20);
    }

    @Test
    public void pathsAreMatchedBelowTheReportsRoots() throws Exception {
        MatchedReport matched = MatchedReport.of(
                "coverage.xml",
                report(
                        "<coverage line-rate=\"1\"><sources><source>/ci/tides/tides</source></sources><packages><package><classes>"
                                + "<class filename=\"datum.py\"><lines><line number=\"1\" hits=\"1\"/></lines></class>"
                                + "</classes></package></packages></coverage>"),
                TREE,
                path -> 10);
        assertThat(matched.found()).extracting(MatchedReport.Found::path).containsExactly("tides/tides/datum.py");
        assertThat(matched.unmatched()).isEmpty();
        assertThat(matched.lines()).isEqualTo(new Count(1, 1));
        assertThat(matched.problems()).isEmpty();
    }

    @Test
    public void whatIsNotThereAndWhatIsTooLongIsTold() throws Exception {
        MatchedReport matched = MatchedReport.of(
                "lcov.info",
                report("SF:quay/berths.js\nDA:1,1\nDA:30,0\nend_of_record\nSF:gone.js\nDA:1,0\nend_of_record\n"),
                TREE,
                path -> 20);
        assertThat(matched.unmatched()).extracting("reported").containsExactly("gone.js");
        assertThat(matched.pastTheEnd()).containsExactly("quay/berths.js");
        assertThat(matched.problems()).containsExactly("quay/berths.js: lists lines past the file's end");
        assertThat(matched.facts().matched()).isEqualTo(1);
        assertThat(matched.facts().sources()).isEqualTo(2);
        assertThat(matched.lines()).as("of the report, found or not").isEqualTo(new Count(1, 3));
    }

    @Test
    public void withoutACommitPathsStayAsReported() throws Exception {
        MatchedReport matched = MatchedReport.of(
                "lcov.info", report("SF:/build/./quay/berths.js\nDA:1,1\nend_of_record\n"), Optional.empty(), path -> {
                    throw new AssertionError("no file's lines are known");
                });
        assertThat(matched.found()).extracting(MatchedReport.Found::path).containsExactly("build/quay/berths.js");
    }
}
