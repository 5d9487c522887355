/** The tally as a tree of digests, and its canonical bytes. */
@NullMarked
package ojala.core.tally;

import org.jspecify.annotations.NullMarked;
