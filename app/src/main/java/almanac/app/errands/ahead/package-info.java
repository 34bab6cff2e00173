/** What will the coming year ask of this collection? */
@NullMarked
package almanac.app.errands.ahead;

import org.jspecify.annotations.NullMarked;
