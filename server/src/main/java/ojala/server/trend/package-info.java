/** How counts moved from commit to commit. */
@NullMarked
package ojala.server.trend;

import org.jspecify.annotations.NullMarked;
