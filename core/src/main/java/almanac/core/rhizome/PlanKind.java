package almanac.core.rhizome;

/** What a plan wants. */
public enum PlanKind {
  WHOLE("Keep it whole, and only tidy"),
  TWO("Two pieces"),
  MANY("As many as are sound"),
  BACK_OFF("Take the spent back off"),
  BUNCHED("Part it and bunch it back into one pot"),
  /** A firm back bulb with an eye, by itself. */
  GAMBLE("Start a back bulb by itself");

  private final String title;

  PlanKind(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }
}
