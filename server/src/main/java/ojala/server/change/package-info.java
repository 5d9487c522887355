/** Pull requests with their verdicts. */
@NullMarked
package ojala.server.change;

import org.jspecify.annotations.NullMarked;
