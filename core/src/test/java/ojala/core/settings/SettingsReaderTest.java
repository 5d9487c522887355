package ojala.core.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import ojala.core.fault.Fault;
import ojala.core.gate.Severity;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What an ojala.yaml may say, and what is said of one that is wrong. */
public class SettingsReaderTest {
    private static Settings valid(String text) {
        SettingsReading reading = SettingsReader.read(text);
        assertThat(reading).isInstanceOf(SettingsReading.Valid.class);
        return ((SettingsReading.Valid) reading).settings();
    }

    private static List<String> faults(String text) {
        SettingsReading reading = SettingsReader.read(text);
        assertThat(reading).as(text).isInstanceOf(SettingsReading.Faulty.class);
        return ((SettingsReading.Faulty) reading)
                .faults().stream().map(Fault::toString).toList();
    }

    @Test
    public void readsAWholeFile() {
        Settings settings = valid("""
                version: 1
                sources:
                  include: ["berthing/src/main/**", "tides/tides/**"]
                  exclude:
                    - paths: ["quayside/src/generated/**"]
                      because: generated from the port's message schema
                      until: 2027-03-01
                suites:
                  unit:   { parts: [berthing, quayside] }
                  system: { when-absent: wait, for: 30m }
                  manual: { when-absent: ignore }
                areas:
                  berthing: { paths: ["berthing/**"], owners: ["quay-team"] }
                paths:
                  - { from: "/agent/job/3/s/", to: "" }
                gate:
                  change:
                    - lines at least 80 %
                    - branches at least 70.5%, else warn
                  each changed file:
                    - lines at least 50 %, else warn
                  whole:
                    - lines fall by at most 0.2 points
                    - missed statements at most 10
                    - unmeasured files at most 3
                  area berthing:
                    - lines at least 90 %, else fail
                """);
        assertThat(settings.sources().include().orElseThrow()).hasToString("[berthing/src/main/**, tides/tides/**]");
        assertThat(settings.sources().exclude().get(0).until()).contains(LocalDate.of(2027, 3, 1));
        assertThat(settings.suites()).extracting("name").containsExactly("unit", "system", "manual");
        assertThat(settings.suites().get(1).waitFor()).isEqualTo(Duration.ofMinutes(30));
        assertThat(settings.suites().get(2).whenAbsent()).isEqualTo(Settings.WhenAbsent.IGNORE);
        assertThat(settings.areas().get(0).owners()).containsExactly("quay-team");
        assertThat(settings.paths().get(0).from()).isEqualTo("/agent/job/3/s/");
        assertThat(settings.gate().rules()).hasSize(7);
        assertThat(settings.gate().rules().get(1).onBreach()).isEqualTo(Severity.WARN);
        assertThat(settings.gate().rules().get(1).place().line()).isEqualTo(19);
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"", "line 1, column 1: the file is empty"},
            {"version: 2\n", "line 1, column 10: “version: 1” is expected"},
            {"gate: {}\n", "“version: 1” is expected"},
            {"version: 1\ngaet: {}\n", "line 2, column 1: “gaet” is no key that Ojala knows: did you mean “gate”?"},
            {"version: 1\nversion: 1\n", "line 2, column 1: “version” stands here a second time, first on line 1"},
            {"version: 1\nareas: &a {}\ngate: *a\n", "line 3, column 7: an alias"},
            {"version: !!int 1\n", "a tag (!…) is not allowed"},
            {"version: 1\ngate: [\n", "this is not YAML"},
            {
                "version: 1\ngate:\n  change:\n    - linse at least 80 %\n",
                "line 4, column 7: “linse at least 80 %”: “linse” is no count that Ojala knows: did you mean “lines”?"
            },
            {"version: 1\ngate:\n  change:\n    - lines at least 80\n", "a number and “%” are expected"},
            {"version: 1\ngate:\n  change:\n    - lines at least 180 %\n", "more than 100 %"},
            {"version: 1\ngate:\n  change:\n    - lines at least 80 %, or else\n", "“else fail” or “else warn”"},
            {
                "version: 1\ngate:\n  change: [lines at least 80 %, branches at least 70 %, else warn]\n",
                "splits a sentence at its comma"
            },
            {
                "version: 1\ngate:\n  change:\n    - lines fall by at most 1 points\n",
                "has no meaning under “change”: it goes under area NAME, whole"
            },
            {"version: 1\ngate:\n  chnage:\n    - lines at least 80 %\n", "did you mean “change”?"},
            {"version: 1\ngate:\n  area tides:\n    - lines at least 80 %\n", "area “tides” is not among the “areas”"},
            {"version: 1\ngate:\n  change: lines at least 80 %\n", "“change” is a list"},
            {"version: 1\ngate:\n  change:\n    - be good\n", "is no sentence that Ojala knows"},
            {"version: 1\nsuites:\n  system: { when-absent: borrow }\n", "“borrow” is not there yet"},
            {"version: 1\nsuites:\n  system: { for: soon }\n", "write it as 90s, 30m, 2h or 1d"},
            {"version: 1\nsuites:\n  system: { when-absent: ignore, for: 2h }\n", "waits for nothing: drop one"},
            {"version: 1\nsources:\n  include: [\"/src/**\"]\n", "without a slash"},
            {"version: 1\nsources:\n  include: [\"../x\"]\n", "climbs out of the repository"},
            {"version: 1\nsources:\n  exclude:\n    - paths: [a]\n", "an exclusion has a reason"},
            {"version: 1\nareas:\n  Tides: { paths: [a] }\n", "small letters, digits and hyphens"},
            {"version: 1\nareas: " + "[".repeat(30) + "]".repeat(30), "nested more than 20 levels deep"},
        };
    }

    @Test(dataProvider = "wrong")
    public void everyFaultHasItsPlaceAndItsRemedy(String text, String message) {
        assertThat(String.join("\n", faults(text))).contains(message);
    }

    @Test
    public void allFaultsComeAtOnceInTheirOrder() {
        List<String> faults = faults(
                "version: 1\nsorces: {}\ngate:\n  change:\n    - lines at least eighty %\n    - linse at least 80 %\n");
        assertThat(faults).hasSize(3);
        assertThat(faults.get(0)).startsWith("line 2");
        assertThat(faults.get(2)).startsWith("line 6");
    }
}
