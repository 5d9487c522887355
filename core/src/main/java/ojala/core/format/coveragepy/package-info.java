/** coverage.py JSON. */
@NullMarked
package ojala.core.format.coveragepy;

import org.jspecify.annotations.NullMarked;
