/** JSON as a stream of tokens with places, and the outline of its beginning. */
@NullMarked
package ojala.core.json;

import org.jspecify.annotations.NullMarked;
