package almanac.core.judgement.verdict;

import almanac.core.figures.Figures;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.risk.Handling;
import almanac.core.judgement.risk.MoveRisk;
import java.util.Optional;

/** What the move that is meant would break. Rules: What a move breaks. */
public final class Risks {
  private Risks() {}

  /**
   * @param judged the verdict on that situation
   * @return nothing where no move is meant, now or once it is ready
   */
  public static Optional<MoveRisk> of(Situation situation, Judgement judged, Figures figures) {
    var verdict = judged.verdict();
    boolean moves = verdict.atTheBench() && verdict != Verdict.LET_GO;
    return moves || verdict == Verdict.WAIT_FOR
        ? Optional.of(of(situation, judged, Handling.of(judged.method().opened()), figures))
        : Optional.empty();
  }

  /** What a move done in that way would break, whether one is meant or not. */
  public static MoveRisk of(
      Situation situation, Judgement judged, Handling handling, Figures figures) {
    return MoveRisk.of(
        new Evidence(situation, figures, judged.approach()),
        handling,
        !judged.method().keepsMedium());
  }
}
