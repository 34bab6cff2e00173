package almanac.core.medium;

import almanac.core.words.Sentence;
import java.util.OptionalDouble;

/**
 * How much of a medium's life is used on a day, in percent; over 100 is spent.
 *
 * @param least at least so much
 * @param likely the estimate the rules go by
 * @param most at most so much; absent if there is no telling
 * @param byCalendar what the estimate would be without tests; absent if the date is unknown
 * @param because how the estimate came about
 */
public record UsedLife(
    double least, double likely, OptionalDouble most, OptionalDouble byCalendar, Sentence because) {

  /**
   * Whether there is any telling how far it is; else it is known at the most that it is further.
   */
  public boolean known() {
    return most.isPresent();
  }
}
