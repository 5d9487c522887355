/** Taking deliveries in, and reading them. */
@NullMarked
package ojala.server.delivery;

import org.jspecify.annotations.NullMarked;
