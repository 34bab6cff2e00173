package almanac.core.medium;

import java.time.LocalDate;

/**
 * A test that re-sets the clock on its day, since what is felt outranks the calendar.
 *
 * @param on the day of the test
 * @param band the used life that the test allows
 * @param words what was found, as part of a sentence
 */
public record MediumTest(LocalDate on, Band band, String words) {}
