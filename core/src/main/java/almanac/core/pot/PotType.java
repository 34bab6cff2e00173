package almanac.core.pot;

/** What a plant's pot is made of, or how. */
public enum PotType {
  UNKNOWN("pot not noted"),
  CLEAR("clear pot"),
  PLASTIC("plastic pot"),
  CLAY("clay pot"),
  GLAZED("glazed pot"),
  BASKET("basket"),
  MESH("mesh pot"),
  RESERVOIR("pot with reservoir"),
  MOUNT("mount");

  private final String words;

  PotType(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }

  /** Whether air gets to the roots through its sides. */
  boolean open() {
    return this == BASKET || this == MESH;
  }

  /** One of them, in a shop. */
  public String one() {
    return this == UNKNOWN ? "pot" : words;
  }

  /** Several of them. */
  public String several() {
    return switch (this) {
      case UNKNOWN -> "pots";
      case RESERVOIR -> "pots with reservoir";
      default -> words + "s";
    };
  }
}
