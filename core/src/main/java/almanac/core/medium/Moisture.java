package almanac.core.medium;

import almanac.core.figures.Figure;
import almanac.core.figures.Unit;
import almanac.core.words.Answer;

/** How wet a medium is kept, and how much faster that uses it up. */
public enum Moisture implements Answer {
  DRIES_RIGHT_OUT("dries right out", 0.8, "Nothing rots in dry bark, but it crumbles with age"),
  DRIES_BETWEEN("dries between waterings", 1.0, "The lives of the components are given for this"),
  KEPT_MOIST("kept moist", 1.4, "Moisture feeds what breaks bark down"),
  ALWAYS_WET("always wet", 1.8, "Wet bark in a slipper's pot is used up after about 13 months");

  private final String words;
  private final Figure pace;

  Moisture(String words, double pace, String reason) {
    this.words = words;
    this.pace =
        MediumFigures.MOISTURES.figure(
            name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
            pace,
            Unit.TIMES,
            0.1,
            5,
            reason);
  }

  /** As a grower says it. */
  @Override
  public String words() {
    return words;
  }

  /** How many times as fast as in a medium that dries between waterings. */
  public Figure pace() {
    return pace;
  }
}
