package ojala.core.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import ojala.core.model.Count;
import ojala.core.model.CountName;
import ojala.core.model.Counts;
import ojala.core.settings.Glob;
import ojala.core.settings.Settings;
import ojala.core.settings.SettingsReader;
import ojala.core.settings.SettingsReading;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What counts, what is left out and why. */
public class ViewTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final List<String> FILES = List.of(
            "src/berths.js",
            "src/pilots.js",
            "src/generated/messages.js",
            "test/berths.test.js",
            "README.md",
            "tools/build.py");

    private static Counts lines(long covered, long total) {
        return new Counts(Map.of(CountName.LINES, new Count(covered, total)));
    }

    private static final Map<String, Counts> TALLY = Map.of(
            "src/berths.js", lines(8, 10),
            "src/generated/messages.js", lines(0, 500),
            "test/berths.test.js", lines(40, 40));

    private static View view(String sources) {
        SettingsReading reading = SettingsReader.read("version: 1\n" + sources);
        Settings settings = ((SettingsReading.Valid) reading).settings();
        return View.of(settings, List.of(), FILES, TALLY, View.extensions(TALLY.keySet()), TODAY);
    }

    @Test
    public void withoutSettingsNothingIsLeftOut() {
        View view = View.unfiltered(TALLY);
        assertThat(view.whole().of(CountName.LINES)).isEqualTo(new Count(48, 550));
        assertThat(view.excluded()).isEmpty();
        assertThat(view.unmeasured()).isEmpty();
    }

    @Test
    public void withoutIncludesSourcesAreWhatReportsMeasureLessTests() {
        View view = view("");
        assertThat(view.measured()).containsOnlyKeys("src/berths.js", "src/generated/messages.js");
        assertThat(view.unmeasured()).containsExactly("src/pilots.js");
        assertThat(view.excludedBecause("test/berths.test.js"))
                .hasValueSatisfying(why -> assertThat(why).contains("a test, by the rule"));
        assertThat(view.standing("README.md")).isEqualTo(Standing.OUTSIDE);
        assertThat(view.standing("tools/build.py")).isEqualTo(Standing.OUTSIDE);
    }

    @Test
    public void includesComeFirstAndExclusionsSecond() {
        View view = view("""
                sources:
                  include: ["src/**", "test/**"]
                  exclude:
                    - { paths: ["src/generated/**"], because: generated }
                """);
        assertThat(view.measured()).containsOnlyKeys("src/berths.js", "test/berths.test.js");
        assertThat(view.excluded()).containsExactly(Map.entry("src/generated/messages.js", "generated"));
        assertThat(view.whole().of(CountName.LINES)).isEqualTo(new Count(48, 50));
    }

    @Test
    public void anExclusionEndsAfterItsDay() {
        String until = "sources:\n  exclude:\n    - { paths: [\"src/generated/**\"], because: generated, until: %s }\n";
        assertThat(view(until.formatted("2026-11-23")).excluded()).containsKey("src/generated/messages.js");
        assertThat(view(until.formatted("2026-11-22")).excluded()).doesNotContainKey("src/generated/messages.js");
    }

    @Test
    public void theHeadMayAddIncludes() {
        SettingsReading reading = SettingsReader.read("version: 1\nsources: { include: [\"src/berths.js\"] }\n");
        Settings settings = ((SettingsReading.Valid) reading).settings();
        View view = View.of(settings, List.of(Glob.of("tools/**")), FILES, TALLY, Set.of("js"), TODAY);
        assertThat(view.unmeasured()).containsExactly("tools/build.py");
    }

    @DataProvider
    public Object[][] globs() {
        return new Object[][] {
            {"**", "a/b.js", true},
            {"src/**", "src/a/b.js", true},
            {"src/**", "src", false},
            {"**/test/**", "test/a.js", true},
            {"**/test/**", "a/test/b/c.js", true},
            {"**/test/**", "a/testing/b.js", false},
            {"*.js", "a.js", true},
            {"*.js", "a/b.js", false},
            {"src/?.js", "src/a.js", true},
            {"a+b/*.js", "a+b/c.js", true},
            {"src/[a].js", "src/a.js", false},
        };
    }

    @Test(dataProvider = "globs")
    public void patternsMatchPaths(String pattern, String path, boolean expected) {
        assertThat(Glob.of(pattern).matches(path)).isEqualTo(expected);
    }
}
