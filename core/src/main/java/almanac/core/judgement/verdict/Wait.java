package almanac.core.judgement.verdict;

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

  /** Whether nothing at all is waited for. */
  boolean isNothing() {
    return conditions.isEmpty();
  }

  /** Both waits. */
  Wait and(Wait other) {
    return new Wait(
        java.util.stream.Stream.concat(conditions.stream(), other.conditions.stream())
            .distinct()
            .toList(),
        later(earliest, other.earliest),
        later(likely, other.likely),
        later(latest, other.latest));
  }

  private static LocalDate later(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }
}
