/** The service. */
@NullMarked
package ojala.server;

import org.jspecify.annotations.NullMarked;
