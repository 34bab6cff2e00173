package almanac.core.inspection;

import java.util.List;

/** A small job that is done without unpotting. Rules: Small jobs. */
public enum Fix {
  STAKE(Items.STABILITY, true, "Staked", "stakes", "soft ties"),
  TOP_UP(Items.LEVEL, true, "Topped up round the base", "a little of its mix"),
  COVER_ROOTS(Items.SURFACE_ROOTS, true, "Bare roots covered or led down", "moist moss"),
  SLIT_SHEATH(Items.SURFACE_ROOTS, true, "Sheath slit", "a sterile blade"),
  AIR(Items.SURFACE, true, "Given more air at the surface"),
  CUP(Items.WETNESS, true, "Cupped for humidity", "a clear cup"),
  WATER(Items.WETNESS, true, "Watered", "a can of water"),
  FLUSH(Items.LEAF_MARKS, true, "Flushed", "a can of plain water"),
  FLUSH_SOUR(Items.SOAK_PH, true, "Flushed, feed made up", "a can of plain water"),
  FLUSH_SALTS(
      Items.SURFACE,
      List.of(Items.SURFACE, Items.SALTS),
      "Flushed with plain water",
      "a can of plain water"),
  CUT_SPIKE(Items.BLOOM, true, "Spike cut", "a sterile blade"),
  WICK(Items.DAYS_TO_DRY, true, "Wicked on cloth", "an absorbent cloth"),
  WATER_MORE(Items.DAYS_TO_DRY, true, "Watered more often from now on"),
  MOSS_ON_MOUNT(Items.WETNESS, true, "Moss laid on its mount", "moist moss"),
  DRESS(Items.WOUND, true, "Wound dressed", "what you dress wounds with"),
  DRESS_LEAD(Items.BREAKAGE, false, "Wound of the lead dressed", "what you dress wounds with"),
  LAST_CHANCE(
      Items.BREAKAGE, false, "A back bulb started warm and just damp", "a small pot", "moist moss"),
  TREAT(Items.PESTS, false, "Treated and kept apart", "a remedy that is permitted, its label"),
  BLADE_APART(Items.ROT, false, "Kept apart with a blade of its own"),
  CUT_BULB(Items.ROT, true, "Soft back bulb cut away", "a sterile blade", "a wound dressing"),
  TAG(Items.TAG, true, "Tag written anew", "a new tag", "a pencil");

  private final Item<?> of;
  private final List<Item<?>> cured;
  private final String done;
  private final List<String> carry;

  Fix(Item<?> of, boolean cures, String done, String... carry) {
    this(of, cures ? List.of(of) : List.of(), done, carry);
  }

  Fix(Item<?> of, List<Item<?>> cured, String done, String... carry) {
    this.of = of;
    this.cured = cured;
    this.done = done;
    this.carry = List.of(carry);
  }

  /** What was seen that it is done for. */
  public Item<?> of() {
    return of;
  }

  /** What it puts right, so that it counts no more until it is seen again. */
  public List<Item<?>> cured() {
    return cured;
  }

  /** As it stands in the journal once it is done. */
  public String done() {
    return done;
  }

  /** Whether the plant gets water by it, now or from now on. */
  public boolean wets() {
    return switch (this) {
      case WATER, WATER_MORE, FLUSH, FLUSH_SOUR, FLUSH_SALTS -> true;
      default -> false;
    };
  }

  /** What to take along for it. */
  public List<String> carry() {
    return carry;
  }
}
