/** The harbour's CI: commits, pushes, sends. */
@NullMarked
package ojala.demo.run;

import org.jspecify.annotations.NullMarked;
