package ojala.core.gate.claim;

/** What a sentence claims, ready to be judged. */
public interface Claim {
    /** Judges the claim against what was measured; never throws for lack of data. */
    Finding judge(Evidence evidence);
}
