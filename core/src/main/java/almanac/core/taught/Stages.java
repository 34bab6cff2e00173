package almanac.core.taught;

import almanac.core.roots.RootStage;

/** How a stage of the roots is said of a move. */
final class Stages {
  private Stages() {}

  /** As in "repotted at the nubs". */
  static String at(RootStage stage) {
    return switch (stage) {
      case NONE -> "without new roots";
      case SWELLING -> "at the first bumps";
      case NUB -> "at the nubs";
      case SHORT -> "with short new roots";
      case MID -> "with half-long new roots";
      case LONG -> "with long new roots";
      case ANCHORED -> "with its new roots in the medium";
    };
  }
}
