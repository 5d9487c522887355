/** Istanbul JSON. */
@NullMarked
package ojala.core.format.istanbul;

import org.jspecify.annotations.NullMarked;
