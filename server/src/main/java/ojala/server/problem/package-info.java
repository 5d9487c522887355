/** Refused requests and their problem documents. */
@NullMarked
package ojala.server.problem;

import org.jspecify.annotations.NullMarked;
