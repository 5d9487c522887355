package ojala.core.gate;

import ojala.core.fault.Place;
import ojala.core.gate.claim.Claim;

/**
 * One sentence of a gate under its scope.
 *
 * @param sentence as written, with single spaces
 */
public record Rule(Scope scope, Claim claim, Severity onBreach, String sentence, Place place) {}
