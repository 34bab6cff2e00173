package almanac.core.trainer;

import almanac.core.inspection.Item;
import almanac.core.judgement.verdict.Asks;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.refusals.Field;
import almanac.core.refusals.Refused;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a learner says of a case.
 *
 * @param asks what is to be done
 * @param how how it is moved; only where it is moved now, and even then it may be left open
 * @param looked which looks were taken first
 */
public record Call(Asks asks, Optional<Verdict> how, Set<Item<?>> looked) {
  /** How a plant can be moved now. */
  public static final List<Verdict> HOWS =
      List.of(
          Verdict.MOVE_UP,
          Verdict.PART_REPOT,
          Verdict.FULL_REPOT,
          Verdict.RESCUE,
          Verdict.LIFT_AND_LOOK);

  /** What of a call can be wrong. */
  public enum Part implements Field {
    HOW("how");

    private final String key;

    Part(String key) {
      this.key = key;
    }

    @Override
    public String key() {
      return key;
    }
  }

  /**
   * @throws Refused naming the field, if that is no way to move a plant
   */
  public Call {
    if (how.isPresent() && (asks != Asks.MOVE || !HOWS.contains(how.get()))) {
      throw new Refused(Part.HOW, "Only a plant that is repotted now is repotted in some way.");
    }
    looked = Set.copyOf(looked);
  }

  /** Whether nothing is done today. */
  boolean leaves() {
    return asks == Asks.LEAVE || asks == Asks.WAIT;
  }

  /** Whether it only looks at the roots. */
  boolean lifts() {
    return how.filter(Verdict.LIFT_AND_LOOK::equals).isPresent();
  }
}
