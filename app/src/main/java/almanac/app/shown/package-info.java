/** What is shown of a plant: its page, its slip, the lines of its journal. */
@NullMarked
package almanac.app.shown;

import org.jspecify.annotations.NullMarked;
