package almanac.core.roots;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * Where growing roots will be, from the last look and a speed.
 *
 * @param look the last look at a root with a visible tip
 * @param lengthMm its length on that day; the middle of the stage if it was not measured
 * @param speed mm a week
 * @param spread how much faster or slower it may be, as a share of the speed
 */
public record RootForecast(RootLook look, double lengthMm, double speed, double spread) {
  private static final double DAYS_A_WEEK = 7;

  /** A forecast from the speed of the kind; nothing for roots without a visible tip. */
  public static Optional<RootForecast> of(RootLook look, double speed, Figures figures) {
    if (!look.stage().measurable()) {
      return Optional.empty();
    }
    double length = look.longestMm().orElseGet(() -> middle(look.stage(), figures));
    return Optional.of(
        new RootForecast(look, length, speed, figures.of(RootFigures.SPEED_SPREAD) / 100));
  }

  /** The likely length on a day, mm; never shorter than what was seen. */
  public double lengthOn(LocalDate day) {
    long days = Math.max(0, ChronoUnit.DAYS.between(look.on(), day));
    return lengthMm + days / DAYS_A_WEEK * speed;
  }

  /** The likely stage on a day. */
  public RootStage stageOn(LocalDate day, Figures figures) {
    return RootStage.ofLength(lengthOn(day), figures);
  }

  /** When the longest root passes a length. */
  public Passing passes(double mm) {
    return new Passing(
        dayAt(mm, speed * (1 + spread)), dayAt(mm, speed), dayAt(mm, speed * (1 - spread)));
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

  private static double middle(RootStage stage, Figures figures) {
    double nub = figures.of(RootFigures.NUB_MOST);
    double shortMost = figures.of(RootFigures.SHORT_MOST);
    double mid = figures.of(RootFigures.MID_MOST);
    return switch (stage) {
      case NUB -> nub / 2;
      case SHORT -> (nub + shortMost) / 2;
      case MID -> (shortMost + mid) / 2;
      default -> mid;
    };
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
