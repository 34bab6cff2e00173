package almanac.core.roots;

import almanac.core.figures.Figures;
import almanac.core.words.Answer;

/** How far the newest roots are; this decides when a plant may be handled. */
public enum RootStage implements Answer {
  /** Looked, and there are none: old roots may be shed and nothing replaces them. */
  NONE("none"),
  /** Ridges or bumps at the base: roots come out into the fresh medium. */
  SWELLING("bumps"),
  /** Up to 20 mm: little to break, and they enter the fresh medium. */
  NUB("nubs"),
  /** 20 to 50 mm: a tip broken here usually stops for good. */
  SHORT("short"),
  /** 50 to 100 mm: still bad, and not yet able to branch. */
  MID("half long"),
  /** 100 mm and over: branching systems are open again. */
  LONG("long"),
  /** In the medium, tip not visible: closed until the next flush. */
  ANCHORED("in the medium");

  private final String words;

  RootStage(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether roots of this stage have a tip whose length can be measured. */
  public boolean measurable() {
    return this == NUB || this == SHORT || this == MID || this == LONG;
  }

  /** Whether roots have just begun: nothing has grown past a nub. */
  public boolean beginning() {
    return this == SWELLING || this == NUB;
  }

  /** Whether nothing shows that grows: none came out yet, or all have gone into the medium. */
  public boolean nothingToMeasure() {
    return this == NONE || this == ANCHORED;
  }

  /** Whether the tip has grown past a nub. */
  public boolean pastNub() {
    return measurable() && this != NUB;
  }

  /**
   * The stage of a visible root of that length, mm. Nobody reads a tenth of a millimetre off a
   * root: the whole millimetres count.
   */
  public static RootStage ofLength(double mm, Figures figures) {
    if (mm <= 0) {
      return SWELLING;
    }
    double whole = Math.rint(mm);
    if (whole <= figures.of(RootFigures.NUB_MOST)) {
      return NUB;
    }
    if (whole < figures.of(RootFigures.SHORT_MOST)) {
      return SHORT;
    }
    return whole < figures.of(RootFigures.MID_MOST) ? MID : LONG;
  }
}
