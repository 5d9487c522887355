package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import ojala.core.model.BranchCount;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.FunctionCoverage;
import ojala.core.model.Measurement;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each fact about Cobertura XML that trips readers, with a sample or a few lines. */
public class CoberturaTest {
    private static final String OPEN = "<coverage line-rate=\"1\"><packages><package name=\"p\"><classes>"
            + "<class name=\"a\" filename=\"a.py\"><methods/><lines>";
    private static final String CLOSE = "</lines></class></classes></package></packages></coverage>";

    private static Report read(String text) throws IOException, UnreadableReport {
        return ReportReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), 1 << 26);
    }

    private static Measurement lines(String lines) throws IOException, UnreadableReport {
        return read(OPEN + lines + CLOSE).sources().get("a.py");
    }

    @Test
    public void severalRootsAreKeptForMatching() throws Exception {
        Report report = Samples.read("cobertura/roots.xml");
        assertThat(report.roots()).containsExactly("/ci/harbour/tides/tides", "/ci/harbour/tides/tools");
        assertThat(report.sources().keySet()).containsExactly("datum.py", "import_gauge.py");
        Measurement datum = report.sources().get("datum.py");
        assertThat(datum.coverage().lines().covered()).hasToString("1,4-5");
        assertThat(datum.coverage().lines().missed()).hasToString("7");
        assertThat(datum.coverage().counts().of(CountName.BRANCHES)).isEqualTo(new Count(1, 2));
        assertThat(datum.coverage().counts().get(CountName.FUNCTIONS))
                .as("a writer without methods says nothing of functions")
                .isEmpty();
        assertThat(report.notes()).isEmpty();
    }

    @Test
    public void aLineCountsOnceHoweverOftenItIsListed() throws Exception {
        Report report = Samples.read("cobertura/classes.xml");
        Measurement mooring = report.sources().get("C:\\agent\\3\\s\\quay\\Mooring.cs");
        assertThat(mooring.coverage().counts().of(CountName.LINES)).isEqualTo(new Count(3, 4));
        assertThat(mooring.coverage().lines().covered())
                .as("line 7 was reached by the second class")
                .hasToString("3,6-7");
        assertThat(mooring.hits().orElseThrow().at(1))
                .as("under the method, twice under the class, and in another class")
                .isEqualTo(2);
        assertThat(mooring.coverage().branches().get(6).counted())
                .as("the sides are not added up over the listings")
                .contains(new BranchCount(3, 4, false));
    }

    @Test
    public void methodsBecomeFunctionsWithTheirComplexity() throws Exception {
        Report report = Samples.read("cobertura/classes.xml");
        assertThat(report.sources()
                        .get("C:\\agent\\3\\s\\quay\\Mooring.cs")
                        .coverage()
                        .functions())
                .containsExactly(
                        new FunctionCoverage(3, 0, 3, "(constructor)", true, 1),
                        new FunctionCoverage(6, 0, 7, "Tie", true, 4));
        assertThat(report.skipped()).containsEntry("methods without lines", 1L).containsEntry("condition numbers", 1L);
    }

    @Test
    public void oddNumbersAreReadWithANote() throws Exception {
        Report report = Samples.read("cobertura/classes.xml");
        Measurement pilot = report.sources().get("C:\\agent\\3\\s\\quay\\Pilot.cs");
        assertThat(pilot.hits().orElseThrow()).hasToString("[5000000000, 0, 15000000000]");
        assertThat(report.notes())
                .extracting(Note::kind)
                .containsExactly(NoteKind.NEGATIVE_HITS, NoteKind.IMPOSSIBLE_LINE, NoteKind.NO_BRANCH_COUNTS);
        assertThat(report.notes().get(1).line()).as("of the report").isEqualTo(30);
        assertThat(lines("<line number=\"1\" hits=\"9e999999999\"/>")
                        .hits()
                        .orElseThrow()
                        .at(0))
                .isEqualTo(Long.MAX_VALUE);
    }

    @DataProvider
    public Object[][] complexities() {
        return new Object[][] {{"3", 3}, {"3.0", 3}, {"2,0", 2}, {"NaN", 0}, {"0", 0}, {"1,5", 0}, {"", 0}, {"-1", 0}};
    }

    @Test(dataProvider = "complexities")
    public void aComplexityIsAWholeNumberOrNotKnown(String said, int expected) throws Exception {
        Measurement source = read(OPEN.replace(
                                "<methods/>",
                                "<methods><method name=\"f\" complexity=\"" + said
                                        + "\"><lines><line number=\"1\" hits=\"1\"/></lines></method></methods>")
                        + CLOSE)
                .sources()
                .get("a.py");
        assertThat(source.coverage().functions()).extracting("complexity").containsExactly(expected);
    }

    @Test
    public void utf16IsRead() throws Exception {
        Report report = Samples.read("cobertura/utf16.xml");
        assertThat(report.sources().keySet()).containsExactly("mareas/año.py");
        byte[] bigEndianWithoutMark = new String(Files.readAllBytes(sample("utf16.xml")), StandardCharsets.UTF_16)
                .getBytes(StandardCharsets.UTF_16BE);
        assertThat(ReportReader.read(new ByteArrayInputStream(bigEndianWithoutMark), 1 << 20)
                        .sources())
                .hasSize(1);
    }

    private static Path sample(String name) {
        return Samples.of("cobertura").stream()
                .filter(path -> path.endsWith(name))
                .findFirst()
                .orElseThrow();
    }

    @DataProvider
    public Object[][] broken() {
        return new Object[][] {
            {OPEN + "<line number=\"1\" hits=\"1\"/>", "line 1", "not well-formed"},
            {OPEN + "<line hits=\"1\"/>" + CLOSE, "line 1", "<line> without the attribute number"},
            {OPEN + "\n<line number=\"7\"/>" + CLOSE, "line 2", "<line> without the attribute hits"},
            {OPEN + "<line number=\"x\" hits=\"1\"/>" + CLOSE, "line 1", "number=“x”"},
            {OPEN + "<line number=\"1\" hits=\"often\"/>" + CLOSE, "line 1", "hits=“often”"},
            {"<coverage line-rate=\"1\"><line number=\"1\" hits=\"1\"/></coverage>", "line 1", "outside a <class>"},
            {"<coverage line-rate=\"1\"><class name=\"a\"></class></coverage>", "line 1", "attribute filename"},
            {"<coverage line-rate=\"1\"><class filename=\" \"></class></coverage>", "line 1", "empty filename"},
            {OPEN + "<class filename=\"b\"/>" + CLOSE, "line 1", "inside a <class>"},
            {OPEN + "<line number=\"1\" hits=\"1\"></lines>", "line 1", "not well-formed"},
        };
    }

    @Test(dataProvider = "broken")
    public void aBrokenReportIsRefusedWithItsPlace(String text, String place, String reason) {
        assertThatThrownBy(() -> read(text)).isInstanceOfSatisfying(UnreadableReport.class, refused -> {
            assertThat(refused.format()).isEqualTo("cobertura");
            assertThat(refused.place()).startsWith(place + ", column ");
            assertThat(refused.reason()).contains(reason);
        });
    }

    @Test
    public void noEntityIsExpanded() {
        StringBuilder bomb = new StringBuilder("<!DOCTYPE coverage [<!ENTITY e0 \"tide\">");
        for (int i = 1; i < 20; i++) {
            bomb.append("<!ENTITY e")
                    .append(i)
                    .append(" \"")
                    .append(("&e" + (i - 1) + ";").repeat(10))
                    .append("\">");
        }
        bomb.append("]>");
        String inText = bomb + "<coverage line-rate=\"1\"><sources><source>&e19;</source></sources></coverage>";
        String inAttribute = bomb + OPEN.replace("a.py", "&e19;") + CLOSE;
        for (String text : List.of(inText, inAttribute)) {
            assertThatThrownBy(() -> read(text))
                    .isInstanceOf(UnreadableReport.class)
                    .hasMessageContaining("e19");
        }
    }

    @Test
    public void noExternalEntityIsFetched() throws IOException {
        Path secret = Files.createTempFile("secret", ".txt");
        Files.writeString(secret, "harbour-secret");
        try {
            String head = "<!DOCTYPE coverage [<!ENTITY x SYSTEM \"" + secret.toUri() + "\"> <!ENTITY % p SYSTEM \""
                    + secret.toUri() + "\"> %p;]>";
            for (String body : List.of(
                    "<coverage line-rate=\"1\"><sources><source>&x;</source></sources></coverage>",
                    OPEN.replace("a.py", "&x;") + CLOSE)) {
                assertThatThrownBy(() -> read(head + body))
                        .isInstanceOf(UnreadableReport.class)
                        .hasMessageNotContaining("harbour-secret");
            }
        } finally {
            Files.delete(secret);
        }
    }

    @Test
    public void nestingHasAnEnd() {
        String deep = "<coverage line-rate=\"1\"><packages>" + "<a>".repeat(100_000) + "</a>".repeat(100_000);
        assertThatThrownBy(() -> read(deep))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("more than 256 elements inside each other");
    }

    @Test
    public void anAttributeHasAnEnd() {
        byte[] many = new byte[1 << 20];
        java.util.Arrays.fill(many, (byte) 'a');
        InputStream endless = new SequenceInputStream(Collections.enumeration(List.of(
                new ByteArrayInputStream("<coverage line-rate=\"".getBytes(StandardCharsets.UTF_8)),
                new SequenceInputStream(Collections.enumeration(Collections.nCopies(40, many).stream()
                        .map(ByteArrayInputStream::new)
                        .toList())))));
        assertThatThrownBy(() -> ReportReader.read(endless, 1 << 30))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("longer than");
    }

    @Test
    public void otherRootsOfThatNameAreLeftToOthers() {
        assertThatThrownBy(() -> read("<coverage kind=\"hull\"><policy ship=\"Marisma\"/></coverage>"))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("not a coverage report that Ojala reads");
    }
}
