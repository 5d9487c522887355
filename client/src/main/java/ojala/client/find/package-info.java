/** Finding reports, and what a checkout says of itself. */
@NullMarked
package ojala.client.find;

import org.jspecify.annotations.NullMarked;
