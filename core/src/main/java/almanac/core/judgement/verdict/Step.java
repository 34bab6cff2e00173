package almanac.core.judgement.verdict;

/** What is done to a plant when it is moved. */
public enum Step {
  /** The ball stays whole, nothing untangled. */
  KEEP_BALL,
  LARGER_POT,
  /** Set deeper, so that the base meets the medium. */
  DEEPER,
  /** The old side to the rim, the lead with room before it. */
  SHIFT,
  /** The spent or outgrown side off, the sound medium kept. */
  BACK_OFF,
  MEDIUM_OFF,
  /** What falls from between the roots is shaken and rinsed out, nothing untangled. */
  SHAKE_OUT,
  SOFT_ROOTS_OFF,
  FRESH_MEDIUM,
  /** No larger than what is left of the roots. */
  SMALLEST_POT,
  /** The same size, scrubbed clean. */
  SCRUBBED_POT,
  /** Every root rinsed. */
  RINSE,
  /** With what the label allows. */
  TREAT,
  KEEP_APART,
  CUT_TO_CLEAN,
  /** A single stem is turned over until its crown is dry, and dusted or dressed. */
  DRY_CROWN,
  DRESS_WOUNDS,
  /** The old plug out of the middle. */
  PLUG_OUT,
  /** One sterile blade for this plant alone. */
  OWN_BLADE,
  /** Each part with a lead, growths and roots of its own. */
  PART,
  /** Warm, shaded and humid until roots come. */
  NURSE
}
