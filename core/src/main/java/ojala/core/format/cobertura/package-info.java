/** Cobertura XML. */
@NullMarked
package ojala.core.format.cobertura;

import org.jspecify.annotations.NullMarked;
