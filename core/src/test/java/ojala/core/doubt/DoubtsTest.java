package ojala.core.doubt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import ojala.core.format.NoteKind;
import ojala.core.model.Count;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each doubt from what brings it about, and none from a sound delivery. */
public class DoubtsTest {
    private static DeliveryFacts.ReportFacts report(
            boolean readable, int sources, int matched, Count lines, Set<NoteKind> notes, List<String> pastTheEnd) {
        return new DeliveryFacts.ReportFacts("lcov.info", readable, sources, matched, lines, notes, pastTheEnd);
    }

    @DataProvider
    public Object[][] causes() {
        Count some = new Count(3, 9);
        return new Object[][] {
            {"broken-report", report(false, 0, 0, Count.NONE, Set.of(), List.of())},
            {"no-sources", report(true, 0, 0, Count.NONE, Set.of(), List.of())},
            {"all-zero", report(true, 2, 2, new Count(0, 9), Set.of(), List.of())},
            {"cut-off", report(true, 2, 2, some, Set.of(NoteKind.NO_END), List.of())},
            {"nothing-matched", report(true, 2, 0, some, Set.of(), List.of())},
            {"past-the-end", report(true, 2, 2, some, Set.of(), List.of("src/berths.js"))},
        };
    }

    @Test(dataProvider = "causes")
    public void eachCauseBringsItsDoubtAlone(String kind, DeliveryFacts.ReportFacts report) {
        List<Doubt> doubts = Doubts.of(new DeliveryFacts("unit", "2/4", List.of(report)));
        assertThat(doubts).singleElement().satisfies(doubt -> {
            assertThat(doubt.kind()).isEqualTo(kind);
            assertThat(doubt.message()).contains("unit 2/4", "lcov.info");
            assertThat(doubt.next()).isNotBlank();
        });
    }

    @Test
    public void anEmptyDeliveryIsDoubtedAndASoundOneIsNot() {
        assertThat(Doubts.of(new DeliveryFacts("unit", "", List.of())))
                .extracting(Doubt::kind)
                .containsExactly("no-report");
        assertThat(Doubts.of(new DeliveryFacts(
                        "unit",
                        "",
                        List.of(report(true, 2, 2, new Count(3, 9), Set.of(NoteKind.SUMMARY_DISAGREES), List.of())))))
                .isEmpty();
    }
}
