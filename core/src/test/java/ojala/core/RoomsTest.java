package ojala.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ojala.core.doubt.DoubtCheck;
import ojala.core.doubt.Doubts;
import ojala.core.format.Format;
import ojala.core.format.Formats;
import ojala.core.gate.claim.ClaimKind;
import ojala.core.gate.claim.Claims;
import ojala.core.view.TestPaths;
import org.testng.annotations.Test;

/**
 * Each kind of variant has its room, its row in the one list, its samples and its row in the documents; here they are
 * held against each other.
 */
public class RoomsTest {
    private static final Path CHECKOUT = Path.of(System.getProperty("ojala.checkout"));
    private static final Path CORE = CHECKOUT.resolve("core/src/main/java/ojala/core");

    private static Set<String> names(Path folder, String pattern) throws IOException {
        try (Stream<Path> entries = Files.list(folder)) {
            return entries.map(entry -> entry.getFileName().toString())
                    .filter(name -> name.matches(pattern))
                    .map(name -> name.replaceFirst("\\.[a-z]+$", ""))
                    .collect(Collectors.toCollection(TreeSet::new));
        }
    }

    private static Set<String> firstCells(String document) throws IOException {
        Matcher rows = Pattern.compile("^\\| `([^`]+)` \\|", Pattern.MULTILINE)
                .matcher(Files.readString(CHECKOUT.resolve("docs").resolve(document)));
        return rows.results().map(row -> row.group(1)).collect(Collectors.toCollection(TreeSet::new));
    }

    @Test
    public void formats() throws IOException {
        Set<String> listed = Formats.ALL.stream().map(Format::name).collect(Collectors.toCollection(TreeSet::new));
        assertThat(names(CORE.resolve("format"), "[a-z0-9]+")).as("packages").isEqualTo(listed);
        assertThat(names(CHECKOUT.resolve("core/src/test/resources/samples"), "[a-z0-9]+"))
                .as("samples")
                .isEqualTo(listed);
        assertThat(names(CHECKOUT.resolve("docs/formats"), ".+\\.md"))
                .as("pages")
                .isEqualTo(listed);
    }

    @Test
    public void claims() throws IOException {
        assertThat(firstCells("settings.md"))
                .containsAll(Claims.ALL.stream().map(ClaimKind::example).toList());
        String document = Files.readString(CHECKOUT.resolve("docs/settings.md"));
        assertThat(Claims.ALL).allSatisfy(claim -> assertThat(document).contains(claim.meaning()));
        assertThat(implementations(CORE.resolve("gate/claim"), "implements ClaimKind"))
                .isEqualTo(Claims.ALL.size());
    }

    @Test
    public void doubts() throws IOException {
        assertThat(firstCells("doubts.md"))
                .containsAll(Doubts.ALL.stream().map(DoubtCheck::kind).toList());
        String document = Files.readString(CHECKOUT.resolve("docs/doubts.md"));
        assertThat(Doubts.ALL).allSatisfy(check -> assertThat(document).contains(check.meaning()));
        assertThat(implementations(CORE.resolve("doubt"), "implements DoubtCheck"))
                .isEqualTo(Doubts.ALL.size());
    }

    private static int implementations(Path folder, String words) throws IOException {
        int found = 0;
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                found += Files.readString(file).contains(words) ? 1 : 0;
            }
        }
        return found;
    }

    @Test
    public void testPaths() throws IOException {
        String document = Files.readString(CHECKOUT.resolve("docs/settings.md"));
        assertThat(TestPaths.RULES).allSatisfy(rule -> assertThat(document).contains("`" + rule + "`"));
    }
}
