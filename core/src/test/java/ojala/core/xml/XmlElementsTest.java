package ojala.core.xml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import ojala.core.format.UnreadableReport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The elements of a document, and all that is refused. */
public class XmlElementsTest {
    private static XmlElements open(String text) throws IOException, UnreadableReport {
        return XmlElements.of(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)), "made-up");
    }

    private static List<String> all(XmlElements xml) throws IOException, UnreadableReport {
        List<String> seen = new ArrayList<>();
        while (xml.next()) {
            seen.add((xml.atStart() ? "+" : "-") + xml.name());
        }
        return seen;
    }

    @Test
    public void startsAndEndsComeInOrder() throws Exception {
        assertThat(all(open("<?xml version='1.0'?><!-- c --><a><b x='1'/>text<![CDATA[<c>]]></a>")))
                .containsExactly("+a", "+b", "-b", "-a");
    }

    @Test
    public void aDocumentTypeIsPassedOver() throws Exception {
        assertThat(all(open("<!DOCTYPE a PUBLIC '-//X//Y' 'http://example.org/a.dtd' [<!ELEMENT a ANY>]><a/>")))
                .containsExactly("+a", "-a");
    }

    @Test
    public void attributesByNameAndByIndex() throws Exception {
        XmlElements xml = open("<a one='1' two=' 22 ' three='x&lt;y'/>");
        xml.next();
        assertThat(xml.attribute("one")).isEqualTo("1");
        assertThat(xml.attribute("four")).isNull();
        assertThat(xml.attributes()).isEqualTo(3);
        assertThat(xml.attributeName(1)).isEqualTo("two");
        assertThat(xml.wholeNumber(1)).hasValue(22);
        assertThat(xml.wholeNumber(2)).isEmpty();
        assertThat(xml.attribute(2)).as("XML's own entities are text").isEqualTo("x<y");
        assertThatThrownBy(() -> xml.needed("four"))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("<a> without the attribute four");
    }

    @Test
    public void aTextIsReadToItsEnd() throws Exception {
        XmlElements xml = open("<a><b>one<![CDATA[ & ]]>two &#233;</b><c/></a>");
        xml.next();
        xml.next();
        assertThat(xml.text()).isEqualTo("one & two é");
        assertThat(xml.atStart()).as("at the end of <b>").isFalse();
        xml.next();
        assertThat(xml.name()).isEqualTo("c");
        XmlElements mixed = open("<a>one<b/></a>");
        mixed.next();
        assertThatThrownBy(mixed::text).hasMessageContaining("<b> where text belongs");
    }

    @DataProvider
    public Object[][] encodings() {
        return new Object[][] {
            {StandardCharsets.UTF_8, ""}, {StandardCharsets.UTF_8, "\uFEFF"},
            {StandardCharsets.UTF_16LE, "\uFEFF"}, {StandardCharsets.UTF_16BE, "\uFEFF"},
            {StandardCharsets.UTF_16LE, ""}, {StandardCharsets.UTF_16BE, ""},
        };
    }

    @Test(dataProvider = "encodings")
    public void encodingsAreToldByTheirFirstBytes(Charset charset, String mark) throws Exception {
        String name = charset.name().startsWith("UTF-16") ? "UTF-16" : "UTF-8";
        String text = mark + "<?xml version='1.0' encoding='" + name + "'?><año mar='mareas'/>";
        XmlElements xml = XmlElements.of(new ByteArrayInputStream(text.getBytes(charset)), "made-up");
        xml.next();
        assertThat(xml.name()).isEqualTo("año");
        assertThat(xml.attribute("mar")).isEqualTo("mareas");
    }

    @Test
    public void depthHasALimitAndBelowItAllIsWell() throws Exception {
        int deep = XmlElements.DEEPEST;
        assertThat(all(open("<a>".repeat(deep) + "</a>".repeat(deep)))).hasSize(2 * deep);
        assertThatThrownBy(() -> all(open("<a>".repeat(deep + 1) + "</a>".repeat(deep + 1))))
                .hasMessageContaining("elements inside each other");
    }

    @Test
    public void placesAreLinesAndColumnsFromOne() throws Exception {
        XmlElements xml = open("<a>\n  <b/>\n</a>");
        xml.next();
        xml.next();
        assertThat(xml.line()).isEqualTo(2);
        assertThat(xml.place()).isEqualTo("line 2, column 3");
    }

    @Test
    public void aDiskThatFailsIsNoBrokenReport() {
        InputStream failing = new SequenceInputStream(
                new ByteArrayInputStream("<coverage><sources><".getBytes(StandardCharsets.UTF_8)), new InputStream() {
                    @Override
                    public int read() throws IOException {
                        throw new IOException("the disk fails");
                    }

                    @Override
                    public int read(byte[] buffer, int offset, int length) throws IOException {
                        throw new IOException("the disk fails");
                    }
                });
        assertThatThrownBy(() -> all(XmlElements.of(failing, "made-up")))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("the disk fails");
    }

    @Test
    public void aTextWithoutEndIsStopped() {
        InputStream endless = new InputStream() {
            private long given;

            @Override
            public int read() {
                return given++ < 3 ? "<a>".charAt((int) given - 1) : 'x';
            }

            @Override
            public int read(byte[] buffer, int offset, int length) {
                for (int i = 0; i < length; i++) {
                    buffer[offset + i] = (byte) read();
                }
                return length;
            }
        };
        assertThatThrownBy(() -> all(XmlElements.of(endless, "made-up")))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("longer than");
    }
}
