package almanac.core.pot;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import java.util.Optional;

/** How much of the old ball goes into the new pot. Rules: Mix and fill. */
public enum Ball {
  WHOLE(Optional.empty()),
  /** Opened on one side. */
  HALF(Optional.of(FillFigures.HALF_BALL)),
  /** Roots shaken clean. */
  BARE(Optional.of(FillFigures.BARE_ROOTS));

  private final Optional<Figure> share;

  Ball(Optional<Figure> share) {
    this.share = share;
  }

  /**
   * What it takes, ml.
   *
   * @param old the pot it comes from; where nobody measured it, nothing is taken off
   */
  public double ml(Pot old, Figures figures) {
    double all = old.holds(figures).map(volume -> volume.holdsMl()).orElse(0.0);
    return share.map(figure -> all * figures.of(figure) / 100).orElse(all);
  }
}
