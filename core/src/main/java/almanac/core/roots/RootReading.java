package almanac.core.roots;

import almanac.core.figures.Figures;
import java.time.LocalDate;

/**
 * A length that was read off a root, by ruler or by eye.
 *
 * @param on the day
 * @param mm the length
 * @param error its standard error, mm
 * @param measured whether a ruler was used
 */
record RootReading(LocalDate on, double mm, double error, boolean measured) {
  /** A length anywhere in a stage, as likely here as there, errs by its width over this. */
  private static final double EVENLY = Math.sqrt(12);

  /** Of a look at roots with a visible tip. */
  static RootReading of(RootLook look, Figures figures) {
    double ruler = figures.of(RootFigures.RULER_ERROR);
    if (look.longestMm().isPresent()) {
      return new RootReading(look.on(), look.longestMm().getAsDouble(), ruler, true);
    }
    var stage = StageRange.of(look.stage(), figures);
    double error = Math.hypot(stage.width(figures) / EVENLY, ruler);
    return new RootReading(look.on(), stage.middle(), error, false);
  }
}
