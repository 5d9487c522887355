/** What coverage is: lines, branches, functions, conditions and their counts; immutable and compact. */
@NullMarked
package ojala.core.model;

import org.jspecify.annotations.NullMarked;
