/** Which statements the harbour's tests reach. */
@NullMarked
package ojala.demo.reach;

import org.jspecify.annotations.NullMarked;
