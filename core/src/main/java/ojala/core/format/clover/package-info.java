/** Clover XML. */
@NullMarked
package ojala.core.format.clover;

import org.jspecify.annotations.NullMarked;
