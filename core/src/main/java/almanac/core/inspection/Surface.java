package almanac.core.inspection;

import almanac.core.words.Answer;

/** What grows on or in the surface. */
public enum Surface implements Answer {
  NONE("clean"),
  MOSS("moss"),
  ALGAE("algae"),
  WEEDS("weeds"),
  MOULD("mould"),
  CRUST("white crust");

  private final String words;

  Surface(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
