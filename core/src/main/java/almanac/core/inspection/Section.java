package almanac.core.inspection;

/** The parts of a look over a plant, in the order in which growers look. */
public enum Section {
  ABOVE("Above the pot"),
  GROWTH("Growth"),
  STANDING("Bloom and stand"),
  SURFACE("Surface"),
  ROOTS("Roots"),
  MEDIUM("Medium"),
  PESTS("Pests and disease"),
  POT("Pot and tag"),
  BREAKAGE("Breakage");

  private final String title;

  Section(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }
}
