/** LCOV tracefiles. */
@NullMarked
package ojala.core.format.lcov;

import org.jspecify.annotations.NullMarked;
