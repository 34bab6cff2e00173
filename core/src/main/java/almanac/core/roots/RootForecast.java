package almanac.core.roots;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * Where growing roots will be, from the last look and a speed.
 *
 * @param look the last look at a root with a visible tip
 * @param lengthMm its length on that day
 * @param rate how fast it lengthens
 */
public record RootForecast(RootLook look, double lengthMm, RootRate rate) {
  private static final double DAYS_A_WEEK = 7;

  /**
   * The forecast for one lead; nothing for roots without a visible tip.
   *
   * @param looks at that lead, oldest first
   * @param kind the speed of the kind, mm a week
   */
  public static Optional<RootForecast> of(List<RootLook> looks, double kind, Figures figures) {
    if (looks.isEmpty() || !looks.get(looks.size() - 1).stage().measurable()) {
      return Optional.empty();
    }
    var last = looks.get(looks.size() - 1);
    var rate = RootRate.of(looks, kind, figures);
    double length = last.longestMm().orElseGet(() -> guessed(last, looks, rate, figures));
    return Optional.of(new RootForecast(last, length, rate));
  }

  /** The likely length on a day, mm; never shorter than what was seen. */
  public double lengthOn(LocalDate day) {
    long days = Math.max(0, ChronoUnit.DAYS.between(look.on(), day));
    return lengthMm + days / DAYS_A_WEEK * rate.mmAWeek();
  }

  /** The likely stage on a day. */
  public RootStage stageOn(LocalDate day, Figures figures) {
    return RootStage.ofLength(lengthOn(day), figures);
  }

  /** When the longest root passes a length. */
  public Passing passes(double mm) {
    double speed = rate.mmAWeek();
    return new Passing(
        dayAt(mm, speed * (1 + rate.spread())),
        dayAt(mm, speed),
        dayAt(mm, speed * (1 - rate.spread())));
  }

  /** Until when the roots are nubs. */
  public Passing nubUntil(Figures figures) {
    return passes(figures.of(RootFigures.NUB_MOST));
  }

  /** Until when a broken tip is lost for good; from then on branching kinds are open again. */
  public Passing unsafeUntil(Figures figures) {
    return passes(figures.of(RootFigures.MID_MOST));
  }

  private LocalDate dayAt(double mm, double mmAWeek) {
    double weeks = Math.max(0, (mm - lengthMm) / mmAWeek);
    return look.on().plusDays((long) Math.floor(weeks * DAYS_A_WEEK));
  }

  /**
   * A length for a stage seen by eye: where its last measurement would have grown to, as far as the
   * stage allows; without one the middle of the stage.
   */
  private static double guessed(
      RootLook seen, List<RootLook> looks, RootRate rate, Figures figures) {
    var stage = StageRange.of(seen.stage(), figures);
    var flush = Flush.of(looks, figures);
    if (flush.isEmpty()) {
      return stage.middle();
    }
    var measured = flush.get(flush.size() - 1);
    double weeks = ChronoUnit.DAYS.between(measured.on(), seen.on()) / DAYS_A_WEEK;
    return stage.nearest(measured.longestMm().orElseThrow() + weeks * rate.mmAWeek());
  }

  /**
   * The day on which a length is passed.
   *
   * @param earliest if the roots are fast
   * @param likely by the speed as it is known
   * @param latest if the roots are slow
   */
  public record Passing(LocalDate earliest, LocalDate likely, LocalDate latest) {}
}
