package ojala.core.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import ojala.core.model.CountName;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The exchange format: all that the model has. */
public class ExchangeTest {
    @Test
    public void allThatTheModelHasIsRead() throws Exception {
        Report report = Samples.read("exchange/all.ndjson");
        Measured berths = Measured.of(report, "src/berths.ts");
        assertThat(report.roots()).containsExactly("quayside");
        assertThat(berths.covered()).isEqualTo("1-3,5");
        assertThat(berths.hits(5)).isEqualTo(Long.MAX_VALUE);
        assertThat(berths.state(5)).isEqualTo("PARTIAL");
        assertThat(berths.count(CountName.STATEMENTS)).isEqualTo("1/3");
        assertThat(berths.count(CountName.INSTRUCTIONS)).isEqualTo("3/4");
        assertThat(berths.count(CountName.CALLS)).isEqualTo("0/1");
        assertThat(berths.count(CountName.MCDC)).isEqualTo("0/1");
        assertThat(berths.functions()).isEqualTo("moor@1:3-7 covered 4");
        assertThat(berths.measurement().coverage().branches().get(3).shapes())
                .as("shapes stay apart")
                .hasSize(2);
        assertThat(berths.measurement().tests().get("moors a ship")).hasToString("1-3");
        assertThat(Measured.of(report, "src/uncounted.ts").measurement().hits()).isEmpty();
    }

    @DataProvider
    public Object[][] broken() {
        return new Object[][] {
            {"{\"ojala\":\"exchange\",\"version\":9}", "version 9"},
            {"{\"ojala\":\"other\"}", "does not say"},
            {"{\"ojala\":\"exchange\",\"version\":1}\n{\"covered\":\"1\"}", "before the source"},
            {"{\"ojala\":\"exchange\",\"version\":1}\n{\"source\":\"a\",\"covered\":\"3-1\"}", "no range"},
            {"{\"ojala\":\"exchange\",\"version\":1}\n{\"source\":\"a\",\"covered\":\"1-x\"}", "1-3,7"},
            {"{\"ojala\":\"exchange\",\"version\":1}\n{\"source\":\"a\",\"covered\":\"1\",\"missed\":\"1\"}", "at once"
            },
            {"{\"ojala\":\"exchange\",\"version\":1}\n{\"source\":\"a\",\"covered\":\"1\",\"hits\":[]}", "0 hits for 1"
            },
            {
                "{\"ojala\":\"exchange\",\"version\":1}\n{\"source\":\"a\",\"covered\":\"1\",\"hits\":[0]}",
                "0 hits and is"
            },
            {
                "{\"ojala\":\"exchange\",\"version\":1}\n{\"source\":\"a\",\"covered\":\"1-9999999,1-9999999\"}",
                "far more"
            },
            {"{\"ojala\":\"exchange\",\"version\":1}\n{\"source\":\"a\",\"calls\":[[1,2,1]]}", "2 covered of 1"},
        };
    }

    @Test(dataProvider = "broken")
    public void whatContradictsItselfIsRefused(String text, String reason) {
        assertThatThrownBy(() -> Samples.text(text)).isInstanceOfSatisfying(UnreadableReport.class, refused -> {
            assertThat(refused.format()).isEqualTo("exchange");
            assertThat(refused.place()).startsWith("line ");
            assertThat(refused.reason()).contains(reason);
        });
    }
}
