/** Changed lines, and the way of a line from one version of a file to another. */
@NullMarked
package ojala.core.change;

import org.jspecify.annotations.NullMarked;
