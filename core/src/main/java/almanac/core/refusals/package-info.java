/** What cannot be taken as it was entered, by the field at fault. */
@NullMarked
package almanac.core.refusals;

import org.jspecify.annotations.NullMarked;
