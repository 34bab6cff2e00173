package almanac.core.judgement.verdict;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What to do with a plant, from the mildest to the gravest. */
public enum Verdict {
  /** Nothing to gain now. */
  LEAVE(Family.LEAVE_ALONE, "Leave"),
  /** Leave it, but something is moving. */
  WATCH(Family.LEAVE_ALONE, "Watch"),
  /** A fix without unpotting, named. */
  ADJUST_CARE(Family.LEAVE_ALONE, "Adjust care"),
  /** Suspicion without sight of the roots: tip it out, look, put it back if all is well. */
  LIFT_AND_LOOK(Family.REPOT, "Lift and look"),
  /** It should be moved, but would not take it now. */
  WAIT_FOR(Family.REPOT, "Wait"),
  /** The ball whole into a larger pot. */
  MOVE_UP(Family.REPOT, "Move up"),
  /** Keep the sound medium, take off the spent part, shift and refill. */
  PART_REPOT(Family.REPOT, "Part repot"),
  /** All medium off, dead roots off, fresh medium. */
  FULL_REPOT(Family.REPOT, "Full repot"),
  /** Repot and part the plant. */
  DIVIDE(Family.DIVIDE, "Divide"),
  /** A hazard: now, whatever the bloom, season or root stage. */
  RESCUE(Family.REPOT, "Rescue"),
  /** Nothing is left to save, or keeping it endangers the others. */
  LET_GO(Family.LET_GO, "Let go");

  private final Family family;
  private final String words;

  Verdict(Family family, String words) {
    this.family = family;
    this.words = words;
  }

  public Family family() {
    return family;
  }

  public String words() {
    return words;
  }

  /** The order in which plants want a hand. */
  private static final List<Verdict> TURNS =
      List.of(
          RESCUE,
          LET_GO,
          DIVIDE,
          FULL_REPOT,
          PART_REPOT,
          MOVE_UP,
          LIFT_AND_LOOK,
          WAIT_FOR,
          ADJUST_CARE,
          WATCH,
          LEAVE);

  private static final Set<Verdict> MOVES = EnumSet.of(MOVE_UP, PART_REPOT, FULL_REPOT, DIVIDE);

  /** Its turn when several plants want a hand; 0 comes first. */
  public int turn() {
    return TURNS.indexOf(this);
  }

  /** Whether blades and media come into play, so that the cautions are shown. */
  public boolean atTheBench() {
    return turn() <= MOVE_UP.turn();
  }

  /** What it asks for. */
  public Asks asks() {
    return switch (this) {
      case LEAVE, WATCH, ADJUST_CARE -> Asks.LEAVE;
      case WAIT_FOR -> Asks.WAIT;
      case LIFT_AND_LOOK, MOVE_UP, PART_REPOT, FULL_REPOT, RESCUE -> Asks.MOVE;
      case DIVIDE -> Asks.DIVIDE;
      case LET_GO -> Asks.LET_GO;
    };
  }

  /** Whether both ask for the same, if perhaps done otherwise: one move is as another. */
  public boolean asksAs(Verdict other) {
    return this == other || MOVES.contains(this) && MOVES.contains(other);
  }

  /** Whether the plant is to be taken in hand now. */
  public boolean inHand() {
    return atTheBench() || this == LIFT_AND_LOOK;
  }
}
