package ojala.client.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.List;
import org.testng.annotations.Test;

/** Tables fit their hundred columns. */
public class TableTest {
    private static List<String> printed(Table table, String... marks) {
        StringWriter text = new StringWriter();
        PrintWriter out = new PrintWriter(text);
        table.print(out, List.of(marks));
        out.flush();
        return text.toString().lines().toList();
    }

    @Test
    public void figuresStandRightAndTextsLeft() {
        Table table =
                new Table(Table.Column.TEXT, Table.Column.FIGURE).row("a", "7").row("berths.js", "1000");
        assertThat(printed(table, "✔", "✖")).containsExactly("✔ a             7", "✖ berths.js  1000");
    }

    @Test
    public void aLongPathIsCutInItsMiddle() {
        String path = "quayside/src/".repeat(12) + "window.ts";
        List<String> lines = printed(
                new Table(Table.Column.TEXT, Table.Column.FIGURE)
                        .row(path, "12 / 99")
                        .row("a", "1 / 1"),
                " ",
                " ");
        assertThat(lines).allMatch(line -> line.length() <= 100);
        assertThat(lines.get(0))
                .contains("…")
                .contains("window.ts")
                .startsWith("  quayside")
                .endsWith("12 / 99");
    }
}
