package ojala.core.gate.claim;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import ojala.core.gate.Scope;

/** One form of claim: its words, where it may stand, what it means. */
public interface ClaimKind {
    /** A sentence of this form, for messages and documents. */
    String example();

    /** What it means, in one sentence. */
    String meaning();

    Set<Scope.Kind> scopes();

    /**
     * Reads the words of a claim, {@code %} being a word of its own.
     *
     * @return empty if the words have another form
     * @throws NotThisClaim if they have this form and something in them is wrong
     */
    Optional<Claim> parse(List<String> words) throws NotThisClaim;
}
