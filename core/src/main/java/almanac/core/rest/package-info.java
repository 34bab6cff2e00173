/** Does the plant rest, how is it kept then, and when does it wake? */
@NullMarked
package almanac.core.rest;

import org.jspecify.annotations.NullMarked;
