package almanac.core.judgement.reason;

/** What cannot wait, whatever the bloom, season or root stage. */
public enum Hazard implements Basis {
  /** The roots in the pot are mostly soft. */
  ROOTS_SOFT,
  /** Roots turn soft in a medium without air. */
  SUFFOCATING,
  /** The medium smells rotten. */
  ROTTEN,
  /** An old plug rots in the middle. */
  PLUG,
  /** No live root is left, and the leaves are limp. */
  NO_ROOTS,
  PESTS_IN_MEDIUM,
  /** Rot goes forward. */
  ROT,
  /** The crown of a single stem is soft. */
  CROWN,
  /** A ring of wilt in the rhizome. */
  WILT;

  @Override
  public Scale scale() {
    return Scale.HAZARD;
  }
}
