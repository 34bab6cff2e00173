/** What today asks for. */
@NullMarked
package almanac.app.errands.day;

import org.jspecify.annotations.NullMarked;
