package ojala.demo.history;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.testng.annotations.Test;

/** Files over time: what stands at which commit and on which branch. */
public class HarbourFilesTest {
    private static final History.Change MOVES = new History.Change(
            "moves", "nerea", Instant.EPOCH, "Move", Map.of("a.ts", "quay/a.ts"), Map.of("'./b'", "'../b'"));

    private static HarbourFiles files(String chronicle, History.Change... changes) throws IOException {
        Path folder = Files.createTempDirectory("harbour");
        Files.writeString(folder.resolve("a.ts"), chronicle);
        return new HarbourFiles(folder, new History(Map.of(), List.of(), List.of(changes), List.of(), List.of()));
    }

    private static Stage branch(String name) {
        return new Stage(9, Optional.of(name));
    }

    @Test
    public void sectionsComeAndGo() throws IOException {
        HarbourFiles files = files("@@ 2-\none\n@@ 3-5\ntwo\n@@ 6-\nthree\n");
        assertThat(files.at(Stage.main(1))).isEmpty();
        assertThat(files.at(Stage.main(2))).containsEntry("a.ts", "one\n");
        assertThat(files.at(Stage.main(5))).containsEntry("a.ts", "one\ntwo\n");
        assertThat(files.at(Stage.main(6))).containsEntry("a.ts", "one\nthree\n");
    }

    @Test
    public void aBranchHasAndLacksSections() throws IOException {
        HarbourFiles files = files("@@ 1- !hazard\none\n@@ hazard\ntwo\n");
        assertThat(files.at(branch("hazard"))).containsEntry("a.ts", "two\n");
        assertThat(files.at(branch("pilots"))).containsEntry("a.ts", "one\n");
        assertThat(files.at(Stage.main(9))).containsEntry("a.ts", "one\n");
    }

    @Test
    public void aBranchMovesFiles() throws IOException {
        HarbourFiles files = files("@@ 1-\nimport './b'\n", MOVES);
        assertThat(files.at(branch("moves"))).containsOnly(Map.entry("quay/a.ts", "import '../b'\n"));
        assertThat(files.at(Stage.main(1))).containsOnlyKeys("a.ts");
    }

    @Test
    public void whatCantBeReadIsNamed() {
        assertThatThrownBy(() -> files("one\n")).hasMessageContaining("a.ts: the first line must be a header");
        assertThatThrownBy(() -> files("@@ later\n@@ 4 to 9\n")).hasMessageContaining("“@@ 4 to 9” is no header");
        assertThatThrownBy(() -> files("@@ 5-\none\n", MOVES).at(new Stage(1, Optional.of("moves"))))
                .hasMessageContaining("moves a.ts, which is not there");
    }
}
