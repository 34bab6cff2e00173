package almanac.app.ground.refusals;

/** What was asked for is not there; the message is a sentence for the grower. */
public final class NotFound extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotFound(String sentence) {
    super(sentence);
  }
}
