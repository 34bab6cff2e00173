package almanac.core.inspection;

import almanac.core.words.Answer;

/** Rot and disease. */
public enum Rot implements Answer {
  NONE("none"),
  SOFT_BACK_BULB("soft back bulb"),
  SOFT_LEAD("soft lead"),
  SOFT_CROWN("soft crown"),
  SPREADING("orange or black, spreading"),
  WILT_RING("purple ring in a cut"),
  WILT_THROUGH("ring through the rhizome"),
  VIRUS_SUSPECTED("streaks or colour break"),
  VIRUS_CERTAIN("virus, certain");

  private final String words;

  Rot(String words) {
    this.words = words;
  }

  /** Whether hands, blades and water carry it to the next plant. */
  public boolean catching() {
    return this != NONE && this != SOFT_BACK_BULB && this != SOFT_LEAD && this != SOFT_CROWN;
  }

  @Override
  public String words() {
    return words;
  }
}
