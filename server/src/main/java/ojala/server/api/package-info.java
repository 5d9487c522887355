/** The API's description. */
@NullMarked
package ojala.server.api;

import org.jspecify.annotations.NullMarked;
