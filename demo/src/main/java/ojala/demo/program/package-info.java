/** What stands in a source file: statements, blocks and functions. */
@NullMarked
package ojala.demo.program;

import org.jspecify.annotations.NullMarked;
