package ojala.core.gate.claim;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ojala.core.gate.Scope;
import ojala.core.model.Count;
import ojala.core.model.CountName;

/**
 * {@code lines fall by at most 0.2 points}: the share covered fell by no more than that against the base. A fall counts
 * only if the missed number rose; deleting covered code is no offence.
 */
record FallByAtMost(CountName count, BigDecimal points) implements Claim {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    @Override
    public Finding judge(Evidence evidence) {
        Count now = evidence.counts().of(count);
        if (evidence.before().counts().isEmpty()) {
            return evidence.before().known()
                    ? Finding.nothing("nothing to compare with")
                    : Finding.unknown("the base's coverage is not known here");
        }
        Count before = evidence.before().counts().get().of(count);
        if (before.total() == 0 || now.total() == 0) {
            return Finding.nothing(before.total() == 0 ? "nothing measured at the base" : "nothing to measure");
        }
        Finding.Points figure = new Finding.Points(fall(now, before), now, before);
        long missing = Math.min(neededForShare(now, before), now.missed() - before.missed());
        return missing <= 0 ? Finding.holds(figure) : Finding.breached(figure, missing, count.unit(missing));
    }

    /** How many more must be covered so that 100 × (before - now) ≤ points, in exact numbers; 0 or less if it holds. */
    private long neededForShare(Count now, Count before) {
        BigDecimal nowTotal = BigDecimal.valueOf(now.total());
        BigDecimal beforeTotal = BigDecimal.valueOf(before.total());
        BigDecimal leastShareTimesBefore =
                BigDecimal.valueOf(before.covered()).multiply(HUNDRED).subtract(points.multiply(beforeTotal));
        return leastShareTimesBefore
                        .multiply(nowTotal)
                        .divide(HUNDRED.multiply(beforeTotal), 0, RoundingMode.CEILING)
                        .longValueExact()
                - now.covered();
    }

    private static String fall(Count now, Count before) {
        BigDecimal difference = BigDecimal.valueOf(before.covered())
                .multiply(BigDecimal.valueOf(now.total()))
                .subtract(BigDecimal.valueOf(now.covered()).multiply(BigDecimal.valueOf(before.total())));
        return difference
                .multiply(HUNDRED)
                .divide(
                        BigDecimal.valueOf(before.total()).multiply(BigDecimal.valueOf(now.total())),
                        2,
                        RoundingMode.DOWN)
                .toPlainString();
    }

    static final class Kind implements ClaimKind {
        @Override
        public String example() {
            return "lines fall by at most 0.2 points";
        }

        @Override
        public String meaning() {
            return "against the base the share covered fell by no more than so many percentage points, unless fewer are missed";
        }

        @Override
        public Set<Scope.Kind> scopes() {
            return EnumSet.of(Scope.Kind.WHOLE, Scope.Kind.AREA);
        }

        @Override
        public Optional<Claim> parse(List<String> words) throws NotThisClaim {
            if (words.size() < 5 || !words.subList(1, 5).equals(List.of("fall", "by", "at", "most"))) {
                return Optional.empty();
            }
            return Optional.of(new FallByAtMost(Words.count(words.get(0)), Words.number(words, 5, "points")));
        }
    }
}
