/** From a plant's journal to its verdict. */
@NullMarked
package almanac.app.judging;

import org.jspecify.annotations.NullMarked;
