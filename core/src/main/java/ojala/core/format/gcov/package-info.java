/** gcov JSON. */
@NullMarked
package ojala.core.format.gcov;

import org.jspecify.annotations.NullMarked;
