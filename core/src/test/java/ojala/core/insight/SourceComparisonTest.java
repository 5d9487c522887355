package ojala.core.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import ojala.core.change.Edit;
import ojala.core.change.FileChange;
import ojala.core.model.LineState;
import ojala.core.model.Lines;
import org.testng.annotations.Test;

/** One file in two commits. */
public class SourceComparisonTest {
    /** Lines from a text: {@code "1+ 2- 3~"} for covered, missed, partial. */
    private static Lines lines(String text) {
        TreeMap<Integer, LineState> states = new TreeMap<>();
        for (String one : text.split(" ")) {
            states.put(
                    Integer.parseInt(one.substring(0, one.length() - 1)),
                    switch (one.charAt(one.length() - 1)) {
                        case '+' -> LineState.COVERED;
                        case '~' -> LineState.PARTIAL;
                        default -> LineState.MISSED;
                    });
        }
        byte[] codes = new byte[states.size()];
        int at = 0;
        for (LineState state : states.values()) {
            codes[at++] = (byte) state.code();
        }
        return new Lines(states.keySet().stream().mapToInt(Integer::intValue).toArray(), codes);
    }

    @Test
    public void theSameTextLosesAndGains() {
        SourceComparison found = SourceComparison.of(lines("1+ 2+ 3- 4~"), lines("1+ 2- 3+ 4-"), Optional.empty());
        assertThat(found.lost()).hasToString("2,4");
        assertThat(found.gained()).hasToString("3");
        assertThat(found.bare().isEmpty()).isTrue();
    }

    @Test
    public void linesThatMovedAreComparedWhereTheyWent() {
        FileChange twoLinesInFront = new FileChange("a", Optional.of("a"), List.of(new Edit(1, 0, 1, 2)));
        SourceComparison found =
                SourceComparison.of(lines("1+ 2+ 3-"), lines("1- 2+ 3- 4+ 5+"), Optional.of(twoLinesInFront));
        assertThat(found.lost()).as("line 1 is line 3 now").hasToString("3");
        assertThat(found.gained()).as("line 3 is line 5 now").hasToString("5");
        assertThat(found.bare()).as("of the two new lines one is missed").hasToString("1");
    }

    @Test
    public void aChangedLineIsNotALostOne() {
        FileChange second = new FileChange("a", Optional.of("a"), List.of(new Edit(2, 1, 2, 1)));
        SourceComparison found = SourceComparison.of(lines("1+ 2+"), lines("1+ 2-"), Optional.of(second));
        assertThat(found.lost().isEmpty()).isTrue();
        assertThat(found.bare()).hasToString("2");
    }

    @Test
    public void aFileOfOneCommitOnlyHasNothingToLose() {
        FileChange added = new FileChange("a", Optional.empty(), List.of(new Edit(1, 0, 1, 2)));
        SourceComparison found = SourceComparison.of(Lines.NONE, lines("1+ 2-"), Optional.of(added));
        assertThat(found.lost().isEmpty() && found.gained().isEmpty()).isTrue();
        assertThat(found.bare()).hasToString("2");
    }
}
