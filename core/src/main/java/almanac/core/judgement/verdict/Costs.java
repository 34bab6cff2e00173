package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.inspection.Bloom;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What a move today would cost, said before it is made. Rules: From need to verdict, 5. */
final class Costs {
  private static final Set<Verdict> MOVES =
      EnumSet.of(
          Verdict.MOVE_UP, Verdict.PART_REPOT, Verdict.FULL_REPOT, Verdict.DIVIDE, Verdict.RESCUE);

  private Costs() {}

  /** What to expect; nothing where no move is meant. */
  static List<Sentence> of(Verdict verdict, Method method, Evidence evidence) {
    var costs = new ArrayList<Sentence>();
    if (!MOVES.contains(verdict)) {
      return costs;
    }
    boolean intact = method.intact();
    evidence.bloom().ifPresent(bloom -> bloom(bloom, intact, costs));
    if (!intact && (!evidence.season().open() || evidence.season().resting())) {
      costs.add(say("Expect it to stand still until the season carries it."));
    }
    return List.copyOf(costs);
  }

  private static void bloom(Bloom bloom, boolean intact, List<Sentence> costs) {
    switch (bloom) {
      case BUDS -> costs.add(say(intact ? "A bud or two may drop." : "Expect to lose the buds."));
      case SPIKE ->
          costs.add(say(intact ? "The spike may pause." : "Expect the spike to stop or shrivel."));
      case OPEN ->
          costs.add(say(intact ? "The flowers may go early." : "Expect the flowers to go early."));
      case FADING, FINISHED, NONE -> {}
    }
  }
}
