/** What is shown of a plant: its page, its slip, the lines of its journal. */
@NullMarked
package almanac.app.judged.pages;

import org.jspecify.annotations.NullMarked;
