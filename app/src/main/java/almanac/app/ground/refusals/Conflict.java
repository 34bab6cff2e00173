package almanac.app.ground.refusals;

/** Something else happened first; the message is a sentence for the grower. */
public final class Conflict extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public Conflict(String sentence) {
    super(sentence);
  }
}
