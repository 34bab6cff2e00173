package almanac.core.season;

/** What keeps a plant from growing after a move. */
public enum Lack {
  /** Less light than new roots need. */
  LIGHT,
  /** The place is colder than its kind's nights may be. */
  COLD,
  /** The place is hotter than its kind's days may be. */
  HEAT
}
