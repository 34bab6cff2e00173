package almanac.app.errands.rounds;

import almanac.app.record.site.Settings;
import almanac.core.rounds.Away;
import almanac.core.rounds.WalkingDays;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Keeps on which days the collector goes round. */
@Component
public class DaysKept {
  private static final String WEEKDAYS = "rounds.weekdays";
  private static final String AWAY = "rounds.away";
  private static final String BETWEEN = " ";
  private static final String TO = "/";

  private final Settings settings;

  DaysKept(Settings settings) {
    this.settings = settings;
  }

  /** On which days somebody goes round. */
  public WalkingDays get() {
    return new WalkingDays(
        settings
            .get(WEEKDAYS)
            .map(
                text ->
                    Arrays.stream(text.split(BETWEEN))
                        .map(DayOfWeek::valueOf)
                        .collect(Collectors.toSet()))
            .orElse(EnumSet.allOf(DayOfWeek.class)),
        settings
            .get(AWAY)
            .filter(text -> !text.isBlank())
            .map(text -> Arrays.stream(text.split(BETWEEN)).map(DaysKept::away).toList())
            .orElse(List.of()));
  }

  private static Away away(String text) {
    var ends = text.split(TO);
    return new Away(LocalDate.parse(ends[0]), LocalDate.parse(ends[1]));
  }

  /** Says on which days somebody goes round. */
  public void set(WalkingDays days) {
    settings.setAll(
        Map.of(
            WEEKDAYS,
            days.weekdays().stream()
                .sorted()
                .map(DayOfWeek::name)
                .collect(Collectors.joining(BETWEEN)),
            AWAY,
            days.away().stream()
                .map(away -> away.from() + TO + away.to())
                .collect(Collectors.joining(BETWEEN))));
  }
}
