/** What is seen only over many commits, or between two. */
@NullMarked
package ojala.core.insight;

import org.jspecify.annotations.NullMarked;
