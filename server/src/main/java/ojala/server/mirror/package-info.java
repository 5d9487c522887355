/** The projects' git mirrors. */
@NullMarked
package ojala.server.mirror;

import org.jspecify.annotations.NullMarked;
