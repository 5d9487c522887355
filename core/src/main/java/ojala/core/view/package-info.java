/** A tally seen through settings: what counts, what is left out and why. */
@NullMarked
package ojala.core.view;

import org.jspecify.annotations.NullMarked;
