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

/** {@code lines at least 80 %}: covered × 100 ≥ percent × total, in exact numbers. */
record AtLeast(CountName count, BigDecimal percent) implements Claim {
    private static final BigDecimal HUNDRED = BigDecimal.valueOf(100);

    @Override
    public Finding judge(Evidence evidence) {
        Count found = evidence.counts().of(count);
        if (found.total() == 0) {
            return Finding.nothing("nothing to measure");
        }
        long needed = percent.multiply(BigDecimal.valueOf(found.total()))
                .divide(HUNDRED, 0, RoundingMode.CEILING)
                .longValueExact();
        long missing = needed - found.covered();
        Finding.OfCount figure = new Finding.OfCount(found);
        return missing <= 0 ? Finding.holds(figure) : Finding.breached(figure, missing, count.unit(missing));
    }

    static final class Kind implements ClaimKind {
        @Override
        public String example() {
            return "lines at least 80 %";
        }

        @Override
        public String meaning() {
            return "of what the count counts in the scope, at least this share is covered";
        }

        @Override
        public Set<Scope.Kind> scopes() {
            return EnumSet.allOf(Scope.Kind.class);
        }

        @Override
        public Optional<Claim> parse(List<String> words) throws NotThisClaim {
            if (words.size() < 3 || !words.subList(1, 3).equals(List.of("at", "least"))) {
                return Optional.empty();
            }
            CountName count = Words.count(words.get(0));
            BigDecimal percent = Words.number(words, 3, "%");
            if (percent.compareTo(HUNDRED) > 0) {
                throw new NotThisClaim("more than 100 % can't be covered");
            }
            return Optional.of(new AtLeast(count, percent));
        }
    }
}
