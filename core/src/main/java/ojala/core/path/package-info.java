/** From a path as reported to a path in the commit's tree. */
@NullMarked
package ojala.core.path;

import org.jspecify.annotations.NullMarked;
