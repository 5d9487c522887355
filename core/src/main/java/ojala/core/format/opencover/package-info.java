/** OpenCover XML. */
@NullMarked
package ojala.core.format.opencover;

import org.jspecify.annotations.NullMarked;
