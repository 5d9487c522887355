/** JaCoCo XML. */
@NullMarked
package ojala.core.format.jacoco;

import org.jspecify.annotations.NullMarked;
