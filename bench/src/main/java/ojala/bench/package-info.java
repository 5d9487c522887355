/** Measurements against physical limits, in the same run and on the same bytes. */
@NullMarked
package ojala.bench;

import org.jspecify.annotations.NullMarked;
