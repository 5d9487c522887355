/** V8 coverage JSON. */
@NullMarked
package ojala.core.format.v8;

import org.jspecify.annotations.NullMarked;
