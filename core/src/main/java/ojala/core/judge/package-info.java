/** Judging a change by its gate. */
@NullMarked
package ojala.core.judge;

import org.jspecify.annotations.NullMarked;
