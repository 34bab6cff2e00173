/** Where and when we are: today, the latitude, the light of the year, settings. */
@NullMarked
package almanac.app.record.site;

import org.jspecify.annotations.NullMarked;
