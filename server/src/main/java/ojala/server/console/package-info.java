/** Serving the console's files. */
@NullMarked
package ojala.server.console;

import org.jspecify.annotations.NullMarked;
