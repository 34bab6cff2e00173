package almanac.core.year;

import almanac.core.figures.Figures;
import almanac.core.words.Capital;
import almanac.core.words.Minutes;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * A day in one line. Rules: The year.
 *
 * @param urgent how many plants cannot wait, from 0
 * @param others how many more are asked for, from 0
 * @param round the next round, if there is any
 * @param bench the next bench day with work on it, if there is any
 */
public record DayInShort(
    LocalDate today, int urgent, int others, Optional<Stint> round, Optional<Stint> bench) {
  private static final List<String> NUMBERS =
      List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine");

  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.UK);

  /** Some work on a day. */
  public record Stint(LocalDate on, int minutes) {}

  /** As it stands at the head of the page. */
  public String words(Figures figures) {
    var parts = new ArrayList<String>();
    if (urgent > 0) {
      parts.add("%s cannot wait".formatted(number(urgent)));
    }
    round
        .filter(each -> each.on().equals(today))
        .ifPresent(each -> parts.add("one round, %s".formatted(Minutes.said(each.minutes()))));
    bench.flatMap(day -> benchDay(day, figures)).or(this::waitForABenchDay).ifPresent(parts::add);
    return parts.isEmpty() ? "Nothing asks for you today" : Capital.of(String.join("; ", parts));
  }

  private static String number(int count) {
    return count < NUMBERS.size() ? NUMBERS.get(count) : String.valueOf(count);
  }

  /** Nothing that is asked for goes unsaid because no bench day is near. */
  private Optional<String> waitForABenchDay() {
    if (others == 0) {
      return Optional.empty();
    }
    var who = "%s %s for".formatted(number(others), others == 1 ? "waits" : "wait");
    return Optional.of(
        bench
            .map(day -> "%s the bench day on %s".formatted(who, DAY.format(day.on())))
            .orElse("%s a bench day, and none is named".formatted(who)));
  }

  private Optional<String> benchDay(Stint day, Figures figures) {
    long days = ChronoUnit.DAYS.between(today, day.on());
    if (days == 0) {
      return Optional.of("bench day, %s".formatted(Minutes.said(day.minutes())));
    }
    return days <= figures.count(YearFigures.THIS_WEEK)
        ? Optional.of(
            "bench day on %s"
                .formatted(day.on().getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.UK)))
        : Optional.empty();
  }
}
