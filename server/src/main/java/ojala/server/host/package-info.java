/** The code host: what it tells, and what it is told. */
@NullMarked
package ojala.server.host;

import org.jspecify.annotations.NullMarked;
