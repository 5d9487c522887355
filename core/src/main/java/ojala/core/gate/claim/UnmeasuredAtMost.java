package ojala.core.gate.claim;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ojala.core.gate.Scope;

/** {@code unmeasured files at most 0}: no more than so many files of the scope are without any measurement. */
public record UnmeasuredAtMost(long most) implements Claim {
    @Override
    public Finding judge(Evidence evidence) {
        long found = evidence.unmeasured().size();
        long excess = found - most;
        Finding finding = excess <= 0
                ? Finding.holds(new Finding.Plain(found))
                : Finding.breached(new Finding.Plain(found), excess, excess == 1 ? "file" : "files");
        String named = String.join(", ", evidence.unmeasured().subList(0, (int) Math.min(found, 5)));
        String remark =
                found == 0 ? "" : "no report mentions " + named + (found > 5 ? " and " + (found - 5) + " more" : "");
        return new Finding(finding.state(), finding.found(), finding.shortfall(), remark);
    }

    static final class Kind implements ClaimKind {
        @Override
        public String example() {
            return "unmeasured files at most 0";
        }

        @Override
        public String meaning() {
            return "no more than so many files that belong to the view are mentioned by no report";
        }

        @Override
        public Set<Scope.Kind> scopes() {
            return EnumSet.of(Scope.Kind.CHANGE, Scope.Kind.WHOLE, Scope.Kind.AREA);
        }

        @Override
        public Optional<Claim> parse(List<String> words) throws NotThisClaim {
            if (words.size() < 4 || !words.subList(0, 4).equals(List.of("unmeasured", "files", "at", "most"))) {
                return Optional.empty();
            }
            return Optional.of(new UnmeasuredAtMost(Words.whole(words, 4)));
        }
    }
}
