package almanac.core.inspection;

import almanac.core.words.Answer;

/** Roots at the surface, and what is in their way. */
public enum SurfaceRoots implements Answer {
  NONE("none"),
  AT_SURFACE("at the surface"),
  IN_AIR("in the air, drying"),
  SHEATH_IN_WAY("a sheath in the way");

  private final String words;

  SurfaceRoots(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
