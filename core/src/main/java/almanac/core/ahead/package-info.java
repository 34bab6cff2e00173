/** What will the coming year ask of the bench, and does what is there suffice? */
@NullMarked
package almanac.core.ahead;

import org.jspecify.annotations.NullMarked;
