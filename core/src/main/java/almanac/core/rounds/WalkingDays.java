package almanac.core.rounds;

import almanac.core.refusals.Entered;
import almanac.core.refusals.Refused;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The days on which the collector goes round.
 *
 * @param weekdays at least one
 * @param away when nobody is there
 */
public record WalkingDays(Set<DayOfWeek> weekdays, List<Away> away) {
  /** As long as nobody has said otherwise. */
  public static final WalkingDays EVERY_DAY =
      new WalkingDays(EnumSet.allOf(DayOfWeek.class), List.of());

  /**
   * @throws Refused if there is no weekday
   */
  public WalkingDays {
    if (weekdays.isEmpty()) {
      throw new Refused(Entered.WEEKDAYS, "Choose at least one day of the week.");
    }
    weekdays = Set.copyOf(weekdays);
    away = List.copyOf(away);
  }

  /** Whether the collector goes round on a day. */
  public boolean on(LocalDate day) {
    return weekdays.contains(day.getDayOfWeek()) && away.stream().noneMatch(gone -> gone.on(day));
  }

  /** Those from one day to another, both included, in order. */
  List<LocalDate> between(LocalDate from, LocalDate to) {
    return to.isBefore(from)
        ? List.of()
        : from.datesUntil(to.plusDays(1)).filter(this::on).toList();
  }

  /** The last from one day to another, both included. */
  Optional<LocalDate> last(LocalDate from, LocalDate to) {
    var day = to;
    while (!day.isBefore(from)) {
      if (on(day)) {
        return Optional.of(day);
      }
      day = day.minusDays(1);
    }
    return Optional.empty();
  }

  /** The first from one day to another, both included. */
  Optional<LocalDate> first(LocalDate from, LocalDate to) {
    return from.isAfter(to)
        ? Optional.empty()
        : from.datesUntil(to.plusDays(1)).filter(this::on).findFirst();
  }

  /** Those from a day on, without end but for those on which everybody is away. */
  Stream<LocalDate> from(LocalDate day) {
    return Stream.iterate(day, each -> each.plusDays(1)).filter(this::on);
  }
}
