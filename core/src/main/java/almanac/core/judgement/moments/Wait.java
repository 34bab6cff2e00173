package almanac.core.judgement.moments;

import java.time.LocalDate;
import java.util.List;

/**
 * What to wait for, and when it is likely to come true.
 *
 * @param conditions all of them must come true
 * @param earliest the first day on which they may
 * @param likely the day on which they probably will
 * @param latest by then they should
 */
public record Wait(
    List<WaitCondition> conditions, LocalDate earliest, LocalDate likely, LocalDate latest) {

  /** The conditions, as words after "wait for". */
  public String words() {
    return String.join(" and ", conditions.stream().map(WaitCondition::words).toList());
  }

  /** The conditions, as words after "when". */
  public String comes() {
    return String.join(" and ", conditions.stream().map(WaitCondition::comes).toList());
  }
}
