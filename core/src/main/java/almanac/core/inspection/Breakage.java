package almanac.core.inspection;

import almanac.core.words.Answer;

/** What is found broken, by accident or at the last move. */
public enum Breakage implements Answer {
  NONE("nothing broken"),
  LEAD_SNAPPED("a new growth snapped off"),
  ONLY_LEAD_SNAPPED("the only growth snapped off"),
  SOME_TIPS("some new root tips"),
  ALL_TIPS("all new root tips"),
  TIPS_CHEWED("root tips chewed"),
  BULB_LOOSE("a bulb loose on the rhizome"),
  PARTED("the rhizome parted"),
  LONG_ROOT("a long root"),
  LEAF_OR_SPIKE("a leaf or spike");

  private final String words;

  Breakage(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
