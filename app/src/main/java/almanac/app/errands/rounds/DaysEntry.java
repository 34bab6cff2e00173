package almanac.app.errands.rounds;

import almanac.core.rounds.Away;
import almanac.core.rounds.WalkingDays;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;

/** On which days somebody goes round. */
record DaysEntry(
    @NotEmpty(message = "Choose at least one day of the week.") List<@NotNull DayOfWeek> weekdays,
    @NotNull(message = "Say when nobody is there; it may be never.")
        @Size(max = 100, message = "At most 100 holidays.")
        List<@NotNull @Valid AwayEntry> away) {

  /** Days on which nobody is there, both ends included. */
  record AwayEntry(
      @NotNull(message = "Say from which day.") LocalDate from,
      @NotNull(message = "Say until which day.") LocalDate to) {}

  static DaysEntry of(WalkingDays days) {
    return new DaysEntry(
        days.weekdays().stream().sorted().toList(),
        days.away().stream().map(away -> new AwayEntry(away.from(), away.to())).toList());
  }

  /**
   * @throws almanac.core.refusals.Refused if one of them ends before it begins
   */
  WalkingDays days() {
    return new WalkingDays(
        Set.copyOf(weekdays), away.stream().map(each -> new Away(each.from(), each.to())).toList());
  }
}
