/** Reports that are lines of text, read as bytes. */
@NullMarked
package ojala.core.text;

import org.jspecify.annotations.NullMarked;
