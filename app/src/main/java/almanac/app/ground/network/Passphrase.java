package almanac.app.ground.network;

import almanac.app.ground.refusals.BadEntry;

/** What is asked of whoever comes in. */
final class Passphrase {
  /** Three short words have more. */
  private static final int SHORTEST = 10;

  private static final int LONGEST = 200;

  private Passphrase() {}

  static void refuseWeak(String typed) {
    if (typed.length() < SHORTEST || typed.length() > LONGEST) {
      throw new BadEntry(
          "passphrase",
          "A passphrase has %d to %d characters; three or four words are easy to remember."
              .formatted(SHORTEST, LONGEST));
    }
    if (typed.chars().distinct().count() < SHORTEST / 2) {
      throw new BadEntry("passphrase", "This is too easy to guess; take three or four words.");
    }
  }
}
