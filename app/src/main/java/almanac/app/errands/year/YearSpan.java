package almanac.app.errands.year;

import almanac.core.year.Span;
import java.time.LocalDate;

/** From a day to a day. */
record YearSpan(LocalDate from, LocalDate until) {
  static YearSpan of(Span span) {
    return new YearSpan(span.from(), span.until());
  }
}
