/** Would the learner have judged as the almanac does, and what should be asked again? */
@NullMarked
package almanac.core.trainer;

import org.jspecify.annotations.NullMarked;
