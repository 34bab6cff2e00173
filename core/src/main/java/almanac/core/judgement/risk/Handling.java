package almanac.core.judgement.risk;

/**
 * How a plant is taken out of its pot.
 *
 * @param opened how much of the root ball is opened
 * @param soaked until the roots are supple
 * @param potCut the pot is cut or broken off
 */
public record Handling(Opened opened, boolean soaked, boolean potCut) {

  /** How much of the root ball is opened. */
  public enum Opened {
    WHOLE,
    ONE_SIDE,
    ALL
  }

  public static Handling of(Opened opened) {
    return new Handling(opened, false, false);
  }

  Handling afterSoaking() {
    return new Handling(opened, true, potCut);
  }

  Handling withThePotCut() {
    return new Handling(opened, soaked, true);
  }

  Handling whole() {
    return new Handling(Opened.WHOLE, soaked, potCut);
  }
}
