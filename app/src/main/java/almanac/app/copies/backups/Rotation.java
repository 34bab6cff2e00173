package almanac.app.copies.backups;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * Which backups are kept: close by all of the last days, further back the last of each week and
 * month.
 */
final class Rotation {
  /**
   * A slip of the hand is noticed within a week: so long each is kept, whatever it was taken for.
   */
  static final int DAYS = 7;

  static final int WEEKS = 5;
  static final int MONTHS = 12;

  /** However often somebody asks within those days. */
  static final int MOST = 40;

  private Rotation() {}

  /**
   * Those that are kept.
   *
   * @param all when each was taken
   */
  static Set<LocalDateTime> kept(Collection<LocalDateTime> all, LocalDate today) {
    var kept = new HashSet<LocalDateTime>();
    all.stream()
        .filter(at -> at.toLocalDate().isAfter(today.minusDays(DAYS)))
        .sorted(Comparator.reverseOrder())
        .limit(MOST)
        .forEach(kept::add);
    kept.addAll(lastOfEach(all, DAYS, LocalDateTime::toLocalDate));
    kept.addAll(lastOfEach(all, WEEKS, Rotation::week));
    kept.addAll(lastOfEach(all, MONTHS, YearMonth::from));
    return kept;
  }

  /** The last one of each period, for as many periods as there are any of. */
  private static <P extends Comparable<? super P>> Set<LocalDateTime> lastOfEach(
      Collection<LocalDateTime> all, int periods, Function<LocalDateTime, P> period) {
    var last = new TreeMap<P, LocalDateTime>(Comparator.reverseOrder());
    all.forEach(
        at -> last.merge(period.apply(at), at, (one, other) -> one.isAfter(other) ? one : other));
    return new HashSet<>(last.values().stream().limit(periods).toList());
  }

  private static Integer week(LocalDateTime at) {
    return 100 * at.get(IsoFields.WEEK_BASED_YEAR) + at.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
  }
}
