/** The rule language: scopes, sentences, rules. */
@NullMarked
package ojala.core.gate;

import org.jspecify.annotations.NullMarked;
