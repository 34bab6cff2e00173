package almanac.core.refusals;

/** How many characters may be typed into each kind of entry. */
public final class Longest {
  public static final int NUMBER = 20;

  /** The name of a growth on a map. */
  public static final int GROWTH = 20;

  public static final int PRICE = 40;

  /** A name that a browser gives itself, or by which it knows what it has sent. */
  public static final int KEY = 60;

  public static final int VERSION = 64;

  /** What is named by a word or two: a place, a recipe, a thing in the stock, a top layer. */
  public static final int SHORT_NAME = 80;

  /** A plant, a kind, parents. */
  public static final int NAME = 200;

  /** What is said in a line. */
  public static final int LINE = 200;

  public static final int PASSPHRASE = 200;

  /** A thing to be made ready for a bench day, as it is drawn up. */
  public static final int THING = 300;

  /** Why a plant is no longer here, and what stands under a picture. */
  public static final int REASON = 400;

  /** What went well at the bench, or did not. */
  public static final int ACCOUNT = 500;

  public static final int FOLDER = 1000;

  /** What is noted at one look. */
  public static final int NOTE = 2000;

  /** What is noted of a plant for good. */
  public static final int NOTES = 4000;

  private Longest() {}
}
