package almanac.core.judgement.reason;

/** What is often taken for a reason and is none; said aloud when it was seen. */
public enum NoReason implements Basis {
  DRY,
  TIP_BURN,
  SPOTS,
  OLD_LEAVES,
  SPRINGTAILS,
  SLOW_TO_DRY,
  FAST_TO_DRY,
  MOUNT,
  DARK_ROOTS,
  DRIED_ROOTS,
  BETTER_TEST,
  CRUST,
  SETTLING,
  CROWDED,
  BROKEN_ROOT,
  BROKEN_LEAF;

  @Override
  public Scale scale() {
    return Scale.NO_REASON;
  }
}
