package almanac.app.benches;

/** What sort of place a bench is. */
public enum BenchKind {
  SHELF("shelf"),
  SILL("sill"),
  STAGE("stage"),
  CELLAR("cellar"),
  OTHER("other place");

  private final String words;

  BenchKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
