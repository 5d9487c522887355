package ojala.core.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import ojala.core.format.Head;
import ojala.core.format.UnreadableReport;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** JSON as a stream: what it bears, what it refuses and where; and the outline of a beginning. */
public class JsonTokensTest {
    private static JsonTokens of(String text, Charset encoding) throws IOException, UnreadableReport {
        JsonTokens json = JsonTokens.of(new ByteArrayInputStream(text.getBytes(encoding)), "gcov");
        json.nextDocument();
        return json;
    }

    private static List<String> members(String text) throws IOException, UnreadableReport {
        List<String> members = new ArrayList<>();
        JsonTokens json = of(text, StandardCharsets.UTF_8);
        json.object(key -> members.add(key + "=" + (json.atNumber() ? json.whole() : "")));
        return members;
    }

    @Test
    public void hugeNumbersStayWhatALongHolds() throws Exception {
        assertThat(members("{\"a\":99999999999999999999,\"b\":-99999999999999999999,\"c\":1e300,\"d\":1e999999999,"
                        + "\"e\":2.9,\"f\":9223372036854775807}"))
                .containsExactly(
                        "a=9223372036854775807",
                        "b=-9223372036854775808",
                        "c=9223372036854775807",
                        "d=9223372036854775807",
                        "e=2",
                        "f=9223372036854775807");
    }

    @Test
    public void aKeyThatStandsTwiceIsTakenTwice() throws Exception {
        assertThat(members("{\"a\":1,\"a\":2}")).containsExactly("a=1", "a=2");
    }

    @Test
    public void whatIsLeftAloneIsSkipped() throws Exception {
        assertThat(members("{\"a\":{\"x\":[1,{\"y\":2}]},\"b\":[[3],4],\"c\":5}"))
                .containsExactly("a=", "b=", "c=5");
    }

    @Test
    public void documentsMayFollowOneAnother() throws Exception {
        JsonTokens json = of("{\"a\":1}\n{\"b\":2} [3]", StandardCharsets.UTF_8);
        json.object(key -> {});
        assertThat(json.nextDocument()).isTrue();
        json.object(key -> {});
        assertThat(json.nextDocument()).isTrue();
        json.array(() -> {});
        assertThat(json.nextDocument()).isFalse();
    }

    @Test
    public void encodingsAreToldByTheFirstBytes() throws Exception {
        for (Charset encoding : List.of(StandardCharsets.UTF_16LE, StandardCharsets.UTF_16BE, StandardCharsets.UTF_8)) {
            JsonTokens json = of("\uFEFF{\"ñ\":\"\uD83D\uDEA2\"}", encoding);
            json.object(key -> {
                assertThat(key).isEqualTo("ñ");
                assertThat(json.text()).isEqualTo("\uD83D\uDEA2");
            });
        }
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {"{\"a\":\n", "line 2", "not well-formed"},
            {"{\"a\":" + "[".repeat(300), "line 1", "beyond what a report may hold"},
            {"{\"a\":\n" + "1".repeat(2000) + "}", "line 2", "beyond what a report may hold"},
            {"{\"" + "k".repeat(70_000) + "\":1}", "line 1", "beyond what a report may hold"},
            {"{\"a\":\"" + "x".repeat(17 << 20) + "\"}", "line 1", "beyond what a report may hold"},
            {"[1]", "line 1", "an object was expected here, not an array"},
            {"{\"a\" 1}", "line 1", "not well-formed"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatIsRefusedHasItsPlace(String text, String place, String reason) {
        assertThatThrownBy(() -> {
                    JsonTokens json = of(text, StandardCharsets.UTF_8);
                    json.object(key -> {
                        if (json.atText()) {
                            json.text();
                        } else if (json.atNumber()) {
                            json.whole();
                        }
                    });
                })
                .isInstanceOfSatisfying(UnreadableReport.class, refused -> {
                    assertThat(refused.format()).isEqualTo("gcov");
                    assertThat(refused.place()).startsWith(place + ", column ");
                    assertThat(refused.reason()).contains(reason);
                });
    }

    @Test
    public void latinBytesAreNotTakenForUtf8() {
        assertThatThrownBy(() -> of("{\"ñ\":1}", StandardCharsets.ISO_8859_1).object(key -> {}))
                .isInstanceOf(UnreadableReport.class)
                .hasMessageContaining("another encoding");
    }

    @Test
    public void anOutlineShowsTheWaysToTheKeysOfABeginning() {
        JsonOutline outline = JsonOutline.of(
                new Head("{\"/ci/a.rb\":{\"lines\":[null,1]},\"files\":[{\"file\":\"x\",\"lines\":[{\"count\":1"
                        .getBytes(StandardCharsets.UTF_8)));
        assertThat(outline.has("*/lines/[]")).isTrue();
        assertThat(outline.has("files/[]/file")).isTrue();
        assertThat(outline.has("files/[]/lines/[]/count")).isTrue();
        assertThat(outline.has("files/file")).isFalse();
        assertThat(outline.has("*/file")).isFalse();
        assertThat(outline.keys()).containsExactlyInAnyOrder("|ci|a.rb", "files");
        assertThat(JsonOutline.of(new Head("[{\"a\":1}]".getBytes(StandardCharsets.UTF_8)))
                        .keys())
                .isEmpty();
    }
}
