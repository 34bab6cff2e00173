package almanac.core.pot;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.refusals.Entered;
import almanac.core.refusals.Field;
import almanac.core.refusals.Refused;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The pot itself.
 *
 * @param diameterMm across the rim, mm; null if nobody has measured
 * @param depthMm inside, mm; null if nobody has measured
 * @param topLayer what lies on the medium; may be empty
 */
public record Pot(
    PotType type, @Nullable Double diameterMm, @Nullable Double depthMm, String topLayer) {
  /** A pot of which nothing was noted. */
  public static final Pot NOT_NOTED = new Pot(PotType.UNKNOWN, null, null, "");

  private static final double SMALLEST_MM = 20;
  private static final double LARGEST_MM = 1000;

  /**
   * @throws Refused naming the field, if a measure makes no sense
   */
  public Pot {
    refuse(Entered.POT_DIAMETER, "A pot's diameter", diameterMm);
    refuse(Entered.POT_DEPTH, "A pot's depth", depthMm);
  }

  private static void refuse(Field field, String what, @Nullable Double mm) {
    if (mm != null && !(mm >= SMALLEST_MM && mm <= LARGEST_MM)) {
      throw new Refused(field, what + " goes from 20 to 1000 mm.");
    }
  }

  /** The same pot with nothing on top. */
  public Pot bare() {
    return new Pot(type, diameterMm, depthMm, "");
  }

  /** Whether anything of the pot itself is known. */
  public boolean noted() {
    return type != PotType.UNKNOWN || diameterMm != null;
  }

  /** As part of a sentence: {@code clear pot, 120 mm}. */
  public Sentence said() {
    return diameterMm == null
        ? say(type.words())
        : say("{}, {}", type.words(), Measure.MM.of(diameterMm));
  }

  /** With what it holds: {@code clear pot, 120 mm, holds 993 ml}. */
  public Sentence saidInFull(Figures figures) {
    return holds(figures)
        .map(volume -> said().and(say(", holds {}", Measure.ML.of(Math.rint(volume.holdsMl())))))
        .orElseGet(this::said);
  }

  /** What it holds, if its width and depth were measured. */
  public Optional<PotVolume> holds(Figures figures) {
    return diameterMm == null || depthMm == null
        ? Optional.empty()
        : Optional.of(PotVolume.of(diameterMm, depthMm, figures));
  }
}
