package almanac.app.record.places;

/** What sort of place a place is. */
public enum PlaceKind {
  SHELF("shelf"),
  SILL("sill"),
  STAGE("stage"),
  CELLAR("cellar"),
  OTHER("other place");

  private final String words;

  PlaceKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
