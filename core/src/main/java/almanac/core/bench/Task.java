package almanac.core.bench;

/** One thing that is done at the bench, in the order in which it is done. Rules: At the bench. */
public enum Task {
  TAG("Check the tag"),
  PHOTOGRAPH("Photograph it"),
  SOAK("Soak"),
  DRY("Keep it dry"),
  CLEAR_TOP("Clear the top"),
  LIFT("Lift it out"),
  LOOK("Look"),
  MEDIUM_OFF("Medium off"),
  RINSE("Rinse the roots"),
  SHEATHS("Sheaths off"),
  TALLY("Tally the roots"),
  CUT("Cut"),
  PART("Part it"),
  DRESS("Dress the wounds"),
  TREAT("Treat"),
  LET_GO("Last chance"),
  POT("Pot and place"),
  GAUGE("Gauge and bottom"),
  LEVEL("Level"),
  FILL("Fill"),
  TOP("Top layer"),
  HOLD("Hold"),
  WATER("Water"),
  APART("Keep it apart"),
  WRITE_TAG("Write the tag"),
  PUT_BACK("Put it back"),
  TELL("How it went");

  private final String title;

  Task(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }
}
