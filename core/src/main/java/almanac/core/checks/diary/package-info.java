/** Which checks of a plant are to be made, and when? */
@NullMarked
package almanac.core.checks.diary;

import org.jspecify.annotations.NullMarked;
