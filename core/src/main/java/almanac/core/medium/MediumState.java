package almanac.core.medium;

import almanac.core.figures.Figures;

/** How far a medium is, in the words growers use. */
public enum MediumState {
  FRESH("fresh"),
  MATURE("mature"),
  DUE("due"),
  SPENT("spent");

  private final String words;

  MediumState(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** The state at a used life in percent: under 50, to 80, to 100 and over. */
  public static MediumState at(double percent, Figures figures) {
    if (percent < figures.of(MediumFigures.MATURE)) {
      return FRESH;
    }
    if (percent < figures.of(MediumFigures.DUE)) {
      return MATURE;
    }
    return percent <= figures.of(MediumFigures.SPENT) ? DUE : SPENT;
  }
}
