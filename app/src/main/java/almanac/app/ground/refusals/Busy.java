package almanac.app.ground.refusals;

/** Too many write at once; nothing was written, and the same may be asked again in a moment. */
public final class Busy extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public Busy() {
    super("Others are writing just now. Nothing was saved; it can be sent again in a moment.");
  }
}
