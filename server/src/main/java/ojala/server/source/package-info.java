/** One source at a commit. */
@NullMarked
package ojala.server.source;

import org.jspecify.annotations.NullMarked;
