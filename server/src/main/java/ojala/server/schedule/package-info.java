/** Jobs, shared by all nodes through the database. */
@NullMarked
package ojala.server.schedule;

import org.jspecify.annotations.NullMarked;
