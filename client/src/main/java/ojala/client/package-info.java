/** The command line. */
@NullMarked
package ojala.client;

import org.jspecify.annotations.NullMarked;
