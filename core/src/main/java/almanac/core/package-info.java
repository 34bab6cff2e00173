/** The rules of the job: what growers know about when and how to move an orchid. */
@NullMarked
package almanac.core;

import org.jspecify.annotations.NullMarked;
