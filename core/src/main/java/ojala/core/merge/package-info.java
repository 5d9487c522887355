/** Merging what several reports say of one source: commutative, associative, exact. */
@NullMarked
package ojala.core.merge;

import org.jspecify.annotations.NullMarked;
