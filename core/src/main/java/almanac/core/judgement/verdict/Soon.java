package almanac.core.judgement.verdict;

import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsCrowding;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.medium.MediumFigures;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.Optional;

/** What is about to change on a plant that can still be left alone. Rules: From need to verdict. */
final class Soon {
  private Soon() {}

  /**
   * Whether something moves: the medium, the rim, roots leaving the pot, or, where there is any
   * need at all, a window that closes.
   */
  static boolean somethingMoves(Evidence evidence, double need) {
    boolean rimSoon = evidence.rim().filter(rim -> rim != Rim.ROOM).isPresent();
    boolean leavesThePot = evidence.look(Items.CROWDING).saw(RootsCrowding.OUT_OF_HOLES);
    return mediumTurnsDue(evidence)
        || nobodyKnowsItsMedium(evidence)
        || rimSoon
        || leavesThePot
        || (need > 0 && (nubsEnd(evidence).isPresent() || longRootsOpen(evidence).isPresent()));
  }

  /** Nobody knows when it was potted, and no piece was felt. */
  static boolean nobodyKnowsItsMedium(Evidence evidence) {
    return evidence.pottingUnknown() && evidence.used().isPresent() && evidence.tests().isEmpty();
  }

  static boolean mediumTurnsDue(Evidence evidence) {
    var f = evidence.figures();
    var soon = evidence.today().plusDays(f.count(JudgementFigures.DUE_SOON));
    return evidence
        .clock()
        .reaches(f.of(MediumFigures.DUE), evidence.today(), evidence.tests())
        .filter(day -> !day.isAfter(soon))
        .isPresent();
  }

  /** The day on which the nubs become too long, if that is soon. */
  static Optional<LocalDate> nubsEnd(Evidence evidence) {
    return evidence
        .forecast()
        .filter(forecast -> evidence.stage().filter(RootStage::beginning).isPresent())
        .map(forecast -> forecast.lastAsNubs(evidence.figures()))
        .filter(day -> isSoon(day, evidence));
  }

  /** The day on which the roots are long enough again, if that is soon. */
  static Optional<LocalDate> longRootsOpen(Evidence evidence) {
    var enough = evidence.longEnough();
    if (enough.isEmpty() || evidence.forecast().isEmpty()) {
      return Optional.empty();
    }
    var day = evidence.forecast().get().passes(enough.getAsDouble(), evidence.figures()).likely();
    return day.isAfter(evidence.today()) && isSoon(day, evidence)
        ? Optional.of(day)
        : Optional.empty();
  }

  private static boolean isSoon(LocalDate day, Evidence evidence) {
    int days = evidence.figures().count(JudgementFigures.WINDOW_SOON);
    return !day.isAfter(evidence.today().plusDays(days));
  }
}
