package almanac.core.followup;

/** Why a check is made, and what to look for. */
public enum Purpose {
  FIRST_LOOK("First look", "Everything that can be seen without unpotting"),
  AS_JUDGED("Look again", "Newest roots, bloom, and what the slip lists as not looked at"),
  STANDS("Does it stand?", "Rock it gently at the base; are the leaves as firm as before?"),
  ROOT_TIPS("New root tips?", "Live tips at the base or at the wall of the pot"),
  ANCHORED("Has it taken hold?", "It cannot be lifted out of the medium; growth goes on"),
  MEDIUM("How does the medium do?", "Press one piece; days from watering to dry"),
  YEAR("The year's judgement", "New growth against the last; medium; room to the rim");

  private final String title;
  private final String lookFor;

  Purpose(String title, String lookFor) {
    this.title = title;
    this.lookFor = lookFor;
  }

  /** Whether it belongs to the series of checks after a move. */
  public boolean aftercare() {
    return this != FIRST_LOOK && this != AS_JUDGED;
  }

  public String title() {
    return title;
  }

  /** What to look for, so that the check is answered in seconds. */
  public String lookFor() {
    return lookFor;
  }
}
