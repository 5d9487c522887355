/** What Ojala asks of a git repository. */
@NullMarked
package ojala.git;

import org.jspecify.annotations.NullMarked;
