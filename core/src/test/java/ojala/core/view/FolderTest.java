package ojala.core.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.Counts;
import ojala.core.settings.SettingsReader;
import ojala.core.settings.SettingsReading;
import org.testng.annotations.Test;

/** Folders of a view. */
public class FolderTest {
    private static final View VIEW = View.of(
            ((SettingsReading.Valid) SettingsReader.read("""
                            version: 1
                            sources:
                              include: ["quay/**", "tides/**", "main.ts"]
                              exclude:
                                - paths: ["quay/generated/**"]
                                  because: generated
                            """)).settings(),
            List.of(),
            List.of(
                    "quay/b.ts",
                    "quay/a.ts",
                    "quay/z/deep.ts",
                    "quay/generated/m.ts",
                    "quay.ts",
                    "main.ts",
                    "tides/t.py"),
            Map.of("quay/a.ts", lines(1, 2), "quay/z/deep.ts", lines(3, 3), "main.ts", lines(0, 4)),
            Set.of("ts", "py"),
            LocalDate.of(2026, 11, 23));

    private static Counts lines(long covered, long total) {
        return new Counts(Map.of(CountName.LINES, new Count(covered, total)));
    }

    @Test
    public void theRootShowsFoldersThenFiles() {
        Folder root = Folder.of(VIEW, "").orElseThrow();
        assertThat(root.entries()).extracting(Folder.Entry::path).containsExactly("quay", "tides", "main.ts");
        assertThat(root.counts().of(CountName.LINES)).isEqualTo(new Count(4, 9));
        Folder.Entry quay = root.entries().get(0);
        assertThat(quay.counts().of(CountName.LINES)).isEqualTo(new Count(4, 5));
        assertThat(List.of(quay.measured(), quay.unmeasured(), quay.excluded())).containsExactly(2, 1, 1);
        assertThat(quay.standing()).as("a folder has none").isEmpty();
        assertThat(root.entries().get(1).counts().get(CountName.LINES))
                .as("nothing of it is measured: no count, not zero of zero")
                .isEmpty();
    }

    @Test
    public void aFolderShowsWhatIsInItAlone() {
        Folder quay = Folder.of(VIEW, "quay").orElseThrow();
        assertThat(quay.entries()).extracting(Folder.Entry::name).containsExactly("generated", "z", "a.ts", "b.ts");
        assertThat(quay.entries().get(3).standing()).contains(Standing.UNMEASURED);
        assertThat(quay.counts().of(CountName.LINES)).isEqualTo(new Count(4, 5));
    }

    @Test
    public void allFilesBelowAFolderByPath() {
        Folder quay = Folder.filesBelow(VIEW, "quay").orElseThrow();
        assertThat(quay.entries())
                .extracting(Folder.Entry::path)
                .containsExactly("quay/a.ts", "quay/b.ts", "quay/generated/m.ts", "quay/z/deep.ts");
        assertThat(quay.entries()).extracting(Folder.Entry::name).contains("deep.ts");
    }

    @Test
    public void whatTheViewDoesNotHaveIsNoFolder() {
        assertThat(Folder.of(VIEW, "qua")).as("the beginning of a name").isEmpty();
        assertThat(Folder.of(VIEW, "quay/a.ts")).as("a file").isEmpty();
        assertThat(Folder.filesBelow(VIEW, "gauge")).isEmpty();
    }
}
