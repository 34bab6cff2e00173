package almanac.core.pot;

import almanac.core.figures.Figures;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.DoubleFunction;

/**
 * For how many years a pot holds a plant.
 *
 * @param years from 0; {@link #LONGEST} if it is as long or longer, or the plant does not creep
 * @param fits whether it holds it as it is today
 * @param middle where the middle of the pot lies then, seen from where it lies now
 */
public record Room(double years, boolean fits, Spot middle) {
  /** Nobody plans further. */
  public static final double LONGEST = 10;

  private static final double CLOSE_ENOUGH = 0.01;
  private static final double DAYS_A_YEAR = 365.25;

  /** The room in a pot in which it may be set anywhere. */
  public static Room anywhere(Outline outline, double diameterMm, Figures figures) {
    return of(outline, outline::around, diameterMm, figures);
  }

  /** The room in the pot it stands in, at the place where it stands. */
  public static Room here(Outline outline, double diameterMm, Figures figures) {
    return of(outline, outline::aroundMiddle, diameterMm, figures);
  }

  private static Room of(
      Outline outline, DoubleFunction<Outline.Ring> ring, double diameterMm, Figures figures) {
    double most = diameterMm / 2 - figures.of(PlaceFigures.MARGIN);
    var now = ring.apply(0);
    if (now.radiusMm() > most) {
      return new Room(0, false, now.middle());
    }
    if (!outline.creeps() || ring.apply(LONGEST).radiusMm() <= most) {
      return new Room(LONGEST, true, ring.apply(outline.creeps() ? LONGEST : 0).middle());
    }
    double within = 0;
    double beyond = LONGEST;
    while (beyond - within > CLOSE_ENOUGH) {
      double half = (within + beyond) / 2;
      if (ring.apply(half).radiusMm() <= most) {
        within = half;
      } else {
        beyond = half;
      }
    }
    return new Room(within, true, ring.apply(within).middle());
  }

  /**
   * About when the rim is reached; nothing where it is not within the time anybody plans, or is
   * already.
   *
   * @param today the day from which its years are counted
   */
  public Optional<LocalDate> until(LocalDate today) {
    return fits && !endless()
        ? Optional.of(today.plusDays(Math.round(years * DAYS_A_YEAR)))
        : Optional.empty();
  }

  /** Whether there is room for as long as anybody plans. */
  public boolean endless() {
    return years >= LONGEST;
  }
}
