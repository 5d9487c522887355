/** Finding files, changes and commits by name. */
@NullMarked
package ojala.server.search;

import org.jspecify.annotations.NullMarked;
