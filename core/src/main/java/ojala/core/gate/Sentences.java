package ojala.core.gate;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import ojala.core.fault.Fault;
import ojala.core.fault.Nearest;
import ojala.core.fault.Place;
import ojala.core.gate.claim.Claim;
import ojala.core.gate.claim.ClaimKind;
import ojala.core.gate.claim.Claims;
import ojala.core.gate.claim.NotThisClaim;
import ojala.core.model.CountName;

/**
 * Reads the sentences of a gate. The grammar, in EBNF; blanks separate words, {@code 80%} and {@code 80 %} are alike:
 *
 * <pre>
 * sentence = claim, [ ",", "else", ( "fail" | "warn" ) ] ;
 * claim    = count, "at least", number, "%"
 *          | "missed", count, "at most", whole
 *          | count, "fall by at most", number, "points"
 *          | "unmeasured files at most", whole ;
 * count    = "lines" | "statements" | "instructions" | "branches" | "functions" | "mcdc" | "calls" | "complexity" ;
 * number   = whole, [ ".", digit, { digit } ] ;
 * whole    = digit, { digit } ;
 * </pre>
 */
public final class Sentences {
    private Sentences() {}

    /** Reads one sentence; what is wrong with it goes to {@code faults}, and nothing comes back. */
    public static Optional<Rule> read(Scope scope, String text, Place place, Consumer<Fault> faults) {
        String sentence = text.strip().replaceAll("\\s+", " ");
        if (sentence.matches("else (warn|fail)")) {
            faults.accept(new Fault(
                    place,
                    "“" + sentence + "” stands alone: a list in brackets splits a sentence at its comma; write each"
                            + " sentence on a line of its own, after “- ”"));
            return Optional.empty();
        }
        int comma = sentence.indexOf(',');
        String claimText = comma < 0 ? sentence : sentence.substring(0, comma).strip();
        Optional<Severity> severity = comma < 0
                ? Optional.of(Severity.FAIL)
                : severity(sentence.substring(comma + 1).strip(), place, faults);
        Optional<Claim> claim = claim(scope, claimText, place, faults);
        if (severity.isEmpty() || claim.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Rule(scope, claim.get(), severity.get(), sentence, place));
    }

    private static Optional<Severity> severity(String text, Place place, Consumer<Fault> faults) {
        Optional<Severity> severity = switch (text) {
            case "else fail" -> Optional.of(Severity.FAIL);
            case "else warn" -> Optional.of(Severity.WARN);
            default -> Optional.empty();
        };
        if (severity.isEmpty()) {
            faults.accept(new Fault(place, "after the comma stands “else fail” or “else warn”, not “" + text + "”"));
        }
        return severity;
    }

    private static Optional<Claim> claim(Scope scope, String text, Place place, Consumer<Fault> faults) {
        List<String> words = Arrays.asList(text.replaceAll("%", " % ").strip().split("\\s+"));
        for (ClaimKind kind : Claims.ALL) {
            Optional<Claim> claim;
            try {
                claim = kind.parse(words);
            } catch (NotThisClaim wrong) {
                faults.accept(new Fault(place, "“" + text + "”: " + wrong.getMessage()));
                return Optional.empty();
            }
            if (claim.isPresent()) {
                return allowed(kind, scope, claim.get(), place, faults);
            }
        }
        faults.accept(new Fault(place, unknown(text, words)));
        return Optional.empty();
    }

    private static Optional<Claim> allowed(
            ClaimKind kind, Scope scope, Claim claim, Place place, Consumer<Fault> faults) {
        if (kind.scopes().contains(scope.kind())) {
            return Optional.of(claim);
        }
        String where = String.join(
                ", ", kind.scopes().stream().map(Scope.Kind::words).sorted().toList());
        faults.accept(new Fault(
                place,
                "a sentence like “" + kind.example() + "” has no meaning under “" + scope + "”: it goes under "
                        + where));
        return Optional.empty();
    }

    private static String unknown(String text, List<String> words) {
        String first = words.get(words.get(0).equals("missed") && words.size() > 1 ? 1 : 0);
        List<String> counts =
                Arrays.stream(CountName.values()).map(CountName::word).toList();
        if (CountName.ofWord(first).isEmpty() && text.matches(".*(at least|at most|fall by).*")) {
            return Nearest.unknown("count", first, counts);
        }
        return "“" + text + "” is no sentence that Ojala knows: it reads like one of “"
                + String.join(
                        "”, “", Claims.ALL.stream().map(ClaimKind::example).toList()) + "”";
    }
}
