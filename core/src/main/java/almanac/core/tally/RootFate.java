package almanac.core.tally;

import almanac.core.words.Answer;

/** What became of one root at the bench. Rules: Root tally. */
public enum RootFate implements Answer {
  FIRM_KEPT("firm, kept", "Firm when squeezed, and left as it is"),
  TIP_BROKEN("firm, tip broken", "Firm, but its end broke off"),
  CUT_BACK("peeled or kinked, cut back", "Firm, but bruised, and cut back to sound tissue"),
  SOFT("soft, removed", "Soft or wet when squeezed"),
  HOLLOW("hollow, removed", "Only skin and a thread"),
  NEW_KEPT("new tip, kept", "A new root with its tip whole"),
  NEW_BROKEN("new tip, broken", "A new root whose tip broke, rubbed off or was chewed");

  private final String words;
  private final String sign;

  RootFate(String words, String sign) {
    this.words = words;
    this.sign = sign;
  }

  @Override
  public String words() {
    return words;
  }

  /** By what it is known. */
  public String sign() {
    return sign;
  }

  /** Whether the root was alive when it was lifted. */
  public boolean wasFirm() {
    return this == FIRM_KEPT || this == TIP_BROKEN || this == CUT_BACK;
  }

  /** Whether it is a root of the new flush. */
  public boolean isNew() {
    return this == NEW_KEPT || this == NEW_BROKEN;
  }

  /** Whether it was dead when it was lifted. */
  public boolean wasDead() {
    return this == SOFT || this == HOLLOW;
  }

  /** Whether something of a live root was lost by the work. */
  public boolean isLoss() {
    return this == TIP_BROKEN || this == CUT_BACK || this == NEW_BROKEN;
  }
}
