/** From a plant's journal to its verdict. */
@NullMarked
package almanac.app.judged.judging;

import org.jspecify.annotations.NullMarked;
