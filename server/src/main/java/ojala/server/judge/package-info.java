/** Merging what came for a commit, and judging it. */
@NullMarked
package ojala.server.judge;

import org.jspecify.annotations.NullMarked;
