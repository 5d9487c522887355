/** Report formats: one package per format, one list of all of them, recognition by content. */
@NullMarked
package ojala.core.format;

import org.jspecify.annotations.NullMarked;
