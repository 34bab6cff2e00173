/** What is to be done when, as a calendar that others can subscribe to. */
@NullMarked
package almanac.app.errands.calendar;

import org.jspecify.annotations.NullMarked;
