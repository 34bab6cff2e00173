package almanac.app.benchdays;

import almanac.core.days.BenchDay;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** On which days somebody has time for the bench, and what is to be done on a day of choice. */
record BenchDaysEntry(
    @NotNull(message = "Give the bench days; there may be none.")
        @Size(max = 60, message = "At most 60 bench days.")
        List<@NotNull @Valid DayEntry> days,
    @NotNull(message = "Give the jobs whose day is chosen; there may be none.")
        @Size(max = 500, message = "At most 500 jobs.")
        List<@NotNull @Valid PinEntry> pins) {

  /** A day with the time that somebody has on it. */
  record DayEntry(
      @NotNull(message = "Give the day.") @Schema(example = "2027-05-22") LocalDate on,
      @Schema(description = "From 1 to 1440", example = "180") int minutes) {
    /**
     * @throws almanac.core.refusals.Refused if there are no such minutes
     */
    BenchDay day() {
      return new BenchDay(on, minutes);
    }
  }

  /** A plant whose job is to be done on a day. */
  record PinEntry(
      @NotNull(message = "Say which plant.") Long plant,
      @NotNull(message = "Say on which day.") LocalDate on) {}

  List<BenchDay> benchDays() {
    return days.stream().map(DayEntry::day).toList();
  }

  Map<Long, LocalDate> chosen() {
    return pins.stream()
        .collect(Collectors.toMap(PinEntry::plant, PinEntry::on, (former, latter) -> latter));
  }
}
