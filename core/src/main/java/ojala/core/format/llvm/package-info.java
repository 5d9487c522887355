/** LLVM coverage export JSON. */
@NullMarked
package ojala.core.format.llvm;

import org.jspecify.annotations.NullMarked;
