/** XML as far as reports need it: a stream of elements that nothing in it can make grow. */
@NullMarked
package ojala.core.xml;

import org.jspecify.annotations.NullMarked;
