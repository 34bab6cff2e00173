package almanac.app.ground.refusals;

/** A cell that does not fit; the message is a part of a sentence. */
public final class BadCell extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public BadCell(String why) {
    super(why);
  }
}
