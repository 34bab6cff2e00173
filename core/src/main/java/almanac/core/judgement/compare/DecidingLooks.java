package almanac.core.judgement.compare;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Spot;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Ground;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.words.Answer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Tries what has not been looked at, answer by answer. Rules: The deciding look. */
public final class DecidingLooks {
  private static final int MOST = 2;

  /**
   * Looks that cost a minute and settle a doubt, the cheapest first. Pests and rot are not among
   * them: finding them would change any verdict, and there is no doubt to settle until they are
   * seen.
   */
  private static final List<Item<?>> CHEAP =
      List.of(
          Item.NEW_ROOTS,
          Item.STABILITY,
          Item.BLOOM,
          Item.GROWTH,
          Item.MEDIUM_PIECE,
          Item.SMELL,
          Item.ROOTS_IN_POT,
          Item.BUBBLES,
          Item.SINKING);

  private final Judge judge;

  public DecidingLooks(Judge judge) {
    this.judge = judge;
  }

  /** The one or two looks that would change the verdict most often; none if nothing would. */
  public List<DecidingLook> of(Situation situation, Judgement judged) {
    return CHEAP.stream()
        .filter(item -> possible(item, situation.kind()))
        .filter(item -> judged.notLookedAt().contains(item) || judged.stale().contains(item))
        .map(item -> tried(item, lead(item, judged), situation, judged.verdict()))
        .filter(look -> !look.changes().isEmpty())
        .sorted(
            Comparator.comparingDouble(look -> -(double) look.changes().size() / look.outcomes()))
        .limit(MOST)
        .toList();
  }

  /** Roots that cannot be seen are no cheap look, and slippers always keep some air. */
  private static boolean possible(Item<?> item, Kind kind) {
    if (item == Item.ROOTS_IN_POT) {
      return !kind.of(Trait.ROOTS_HIDDEN);
    }
    return item != Item.BUBBLES || kind.of(Trait.GROUND) != Ground.SLIPPER;
  }

  private static Lead lead(Item<?> item, Judgement judged) {
    return item == Item.NEW_ROOTS ? judged.roots().lead() : Lead.FIRST;
  }

  private <A extends Enum<A> & Answer> DecidingLook tried(
      Item<A> item, Lead lead, Situation situation, Verdict now) {
    var changes = new ArrayList<DecidingLook.Change>();
    for (var answer : item.answers()) {
      var seen = Inspection.on(situation.today()).with(item, lead, item.saw(answer));
      var then = judge.judge(situation.with(situation.history().and(seen))).verdict();
      if (then != now) {
        changes.add(new DecidingLook.Change(answer.words(), then));
      }
    }
    return new DecidingLook(new Spot(item, lead), item.answers().size(), List.copyOf(changes));
  }
}
