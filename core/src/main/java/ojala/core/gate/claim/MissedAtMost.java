package ojala.core.gate.claim;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ojala.core.gate.Scope;
import ojala.core.model.Count;
import ojala.core.model.CountName;

/** {@code missed lines at most 10}: no more than so many are missed. */
record MissedAtMost(CountName count, long most) implements Claim {
    @Override
    public Finding judge(Evidence evidence) {
        Count found = evidence.counts().of(count);
        if (found.total() == 0) {
            return Finding.nothing("nothing to measure");
        }
        long excess = found.missed() - most;
        Finding.OfCount figure = new Finding.OfCount(found);
        return excess <= 0 ? Finding.holds(figure) : Finding.breached(figure, excess, count.unit(excess));
    }

    static final class Kind implements ClaimKind {
        @Override
        public String example() {
            return "missed lines at most 10";
        }

        @Override
        public String meaning() {
            return "no more than so many are missed in the scope";
        }

        @Override
        public Set<Scope.Kind> scopes() {
            return EnumSet.allOf(Scope.Kind.class);
        }

        @Override
        public Optional<Claim> parse(List<String> words) throws NotThisClaim {
            boolean mine = words.size() >= 4
                    && words.get(0).equals("missed")
                    && words.subList(2, 4).equals(List.of("at", "most"));
            if (!mine) {
                return Optional.empty();
            }
            return Optional.of(new MissedAtMost(Words.count(words.get(1)), Words.whole(words, 4)));
        }
    }
}
