package almanac.app.errands.benchdays;

import almanac.core.benchdays.BenchDay;
import almanac.core.refusals.Longest;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** On which days somebody has time for the bench, and what is to be done on a day of choice. */
record BenchDaysEntry(
    @NotNull(message = "Give the bench days; there may be none.")
        @Size(max = 60, message = "At most 60 bench days.")
        List<@NotNull @Valid DayEntry> days,
    @NotNull(message = "Give the jobs whose day is chosen; there may be none.")
        @Size(max = 500, message = "At most 500 jobs.")
        List<@NotNull @Valid PinEntry> pins,
    @Size(max = 500, message = "At most 500 jobs.")
        @Schema(
            nullable = true,
            description =
                "Where the jobs lie that are best left there; as they lie now if it is absent")
        @Nullable List<@NotNull @Valid PinEntry> laid,
    @Schema(
            nullable = true,
            description = "The version of the page that is changed; refused if it is not the last")
        @Size(max = Longest.VERSION, message = "A version has at most {max} characters.")
        @Nullable String version) {

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

  /** The days in their order. */
  List<BenchDay> benchDays() {
    return days.stream().map(DayEntry::day).sorted(Comparator.comparing(BenchDay::on)).toList();
  }

  Map<Long, LocalDate> chosen() {
    return byPlant(pins);
  }

  /** Where the jobs lie that are best left there. */
  Optional<Map<Long, LocalDate>> lying() {
    return Optional.ofNullable(laid).map(BenchDaysEntry::byPlant);
  }

  private static Map<Long, LocalDate> byPlant(List<PinEntry> entries) {
    return entries.stream()
        .collect(Collectors.toMap(PinEntry::plant, PinEntry::on, (former, latter) -> latter));
  }
}
