/** Who may call what: tokens and the rules of access. */
@NullMarked
package ojala.server.access;

import org.jspecify.annotations.NullMarked;
