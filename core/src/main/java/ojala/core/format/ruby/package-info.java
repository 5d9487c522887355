/** Ruby Coverage JSON. */
@NullMarked
package ojala.core.format.ruby;

import org.jspecify.annotations.NullMarked;
