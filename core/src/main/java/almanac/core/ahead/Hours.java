package almanac.core.ahead;

import almanac.core.benchdays.BenchDay;
import almanac.core.season.Weeks;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * How many minutes each week has for the bench: those of the days that are named, and after the
 * last of them as many as they come to in a week. Rules: The year ahead.
 *
 * @param named bench days that are not over
 * @param usual minutes of a week of which nobody has said anything yet
 * @param away weeks without any, by their Mondays
 */
public record Hours(List<BenchDay> named, int usual, List<LocalDate> away) {
  public Hours {
    named = List.copyOf(named);
    away = List.copyOf(away);
  }

  /** As the named days have it; nothing where none is named. */
  public static Optional<Hours> of(List<BenchDay> days, LocalDate today) {
    var named = days.stream().filter(day -> !day.on().isBefore(today)).toList();
    return named.stream()
        .map(BenchDay::on)
        .max(LocalDate::compareTo)
        .map(
            last -> {
              long weeks = 1 + ChronoUnit.WEEKS.between(Weeks.monday(today), Weeks.monday(last));
              int minutes = named.stream().mapToInt(BenchDay::minutes).sum();
              return new Hours(named, (int) Math.round((double) minutes / weeks), List.of());
            });
  }

  /** Minutes of the week that begins on a Monday. */
  public int in(LocalDate monday) {
    if (away.contains(monday)) {
      return 0;
    }
    boolean said = named.stream().anyMatch(day -> !Weeks.monday(day.on()).isBefore(monday));
    return said
        ? named.stream()
            .filter(day -> Weeks.monday(day.on()).equals(monday))
            .mapToInt(BenchDay::room)
            .sum()
        : usual;
  }
}
