/** gcov text listings. */
@NullMarked
package ojala.core.format.gcovtext;

import org.jspecify.annotations.NullMarked;
