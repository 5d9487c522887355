package ojala.core.gate.claim;

import java.math.BigDecimal;
import java.util.List;
import ojala.core.fault.Nearest;
import ojala.core.model.CountName;

/** Reads the words that claims have in common. */
final class Words {
    private Words() {}

    static CountName count(String word) throws NotThisClaim {
        return CountName.ofWord(word)
                .orElseThrow(() -> new NotThisClaim(
                        Nearest.unknown("count", word, List.of(CountName.words().split(", ")))));
    }

    static long whole(List<String> words, int index) throws NotThisClaim {
        if (index != words.size() - 1 || !words.get(index).matches("\\d{1,15}")) {
            throw new NotThisClaim("“at most” is followed by one whole number, as in “at most 10”");
        }
        return Long.parseLong(words.get(index));
    }

    /** A number with an optional decimal point, followed by one unit word and nothing else. */
    static BigDecimal number(List<String> words, int index, String unit) throws NotThisClaim {
        boolean complete = words.size() == index + 2
                && words.get(index).matches("\\d{1,9}(\\.\\d{1,9})?")
                && words.get(index + 1).equals(unit);
        if (!complete) {
            throw new NotThisClaim("a number and “" + unit + "” are expected, as in “80.5 " + unit + "”");
        }
        return new BigDecimal(words.get(index));
    }
}
