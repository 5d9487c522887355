/** The harbour's repository over time. */
@NullMarked
package ojala.demo.history;

import org.jspecify.annotations.NullMarked;
