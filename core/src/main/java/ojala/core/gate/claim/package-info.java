/** What a sentence can claim: one class per form, one list of all of them. */
@NullMarked
package ojala.core.gate.claim;

import org.jspecify.annotations.NullMarked;
