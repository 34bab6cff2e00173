package almanac.app.ground.refusals;

/**
 * What is written now would not be kept; the message says in sentences why, and what would help.
 * Nothing was written.
 */
public final class NotNow extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotNow(String sentences) {
    super(sentences);
  }
}
