package almanac.core.medium;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** How long a fresh mix lasts. Rules: The medium's clock. */
public final class Lasting {
  private static final double DAYS_A_YEAR = 365.25;
  private static final double MONTHS_A_YEAR = 12;

  private Lasting() {}

  /**
   * Years until it is spent.
   *
   * @param from the day it is put into the pot
   * @param means of the place by month; nothing where nobody has measured
   * @return nothing if nothing in it decays, or nobody knows what it is
   */
  public static OptionalDouble years(
      Mix mix, Moisture moisture, LocalDate from, Optional<Temperatures> means, Figures figures) {
    if (!mix.known()) {
      return OptionalDouble.empty();
    }
    var warmth =
        means.orElseGet(() -> Temperatures.steady(figures.of(MediumFigures.LIFE_TEMPERATURE)));
    var clock =
        new MediumClock(PottedOn.on(from), from, mix, moisture, warmth, Optional.empty(), figures);
    return clock
        .reaches(figures.of(MediumFigures.SPENT), from, List.of())
        .map(spent -> OptionalDouble.of(ChronoUnit.DAYS.between(from, spent) / DAYS_A_YEAR))
        .orElse(OptionalDouble.empty());
  }

  /**
   * How much of its life a mix has used after some months at one temperature, in percent.
   *
   * @param months from 0
   * @param degrees °C
   * @return nothing if nothing in it decays
   */
  public static OptionalDouble used(
      Mix mix, Moisture moisture, double months, double degrees, Figures figures) {
    var begun = LocalDate.EPOCH;
    var clock =
        new MediumClock(
            PottedOn.on(begun),
            begun,
            mix,
            moisture,
            Temperatures.steady(degrees),
            Optional.empty(),
            figures);
    var then = begun.plusDays(Math.round(months * DAYS_A_YEAR / MONTHS_A_YEAR));
    return clock
        .usedOn(then, List.of())
        .map(used -> OptionalDouble.of(used.likely()))
        .orElse(OptionalDouble.empty());
  }
}
