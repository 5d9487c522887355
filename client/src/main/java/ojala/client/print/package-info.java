/** What commands print on a terminal. */
@NullMarked
package ojala.client.print;

import org.jspecify.annotations.NullMarked;
