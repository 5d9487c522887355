/** Projects. */
@NullMarked
package ojala.server.project;

import org.jspecify.annotations.NullMarked;
