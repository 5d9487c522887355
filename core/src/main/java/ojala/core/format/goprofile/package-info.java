/** Go cover profiles. */
@NullMarked
package ojala.core.format.goprofile;

import org.jspecify.annotations.NullMarked;
