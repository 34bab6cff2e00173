package almanac.core.inspection;

import almanac.core.words.Answer;

/** What lives on the plant or in its pot. */
public enum Pests implements Answer {
  NONE("none"),
  MEALYBUG("mealybug"),
  ROOT_MEALYBUG("root mealybug"),
  SCALE("scale"),
  MITES("mites"),
  THRIPS("thrips"),
  SNAIL("snail, slug"),
  FUNGUS_GNAT("fungus gnat"),
  SPRINGTAIL("springtail"),
  SPIDER("small spider"),
  BEYOND_CURE("back after every cure");

  private final String words;

  Pests(String words) {
    this.words = words;
  }

  /** Whether it does harm; springtails and small spiders do none. */
  public boolean harmful() {
    return this != NONE && this != SPRINGTAIL && this != SPIDER;
  }

  /** Whether it is fought on the plant, without unpotting. */
  public boolean aboveThePot() {
    return this == MEALYBUG || this == SCALE || this == MITES || this == THRIPS || this == SNAIL;
  }

  @Override
  public String words() {
    return words;
  }
}
