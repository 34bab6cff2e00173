package almanac.core.judgement.moments;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.judgement.need.NeedAhead;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The day by which a plant should not be in its pot any longer: its medium is gone, or its lead is
 * past the rim by a growth. Rules: The moments ahead.
 */
final class Deadline {
  private Deadline() {}

  /** Nothing where neither will be, or where the approach waits whatever comes. */
  static Optional<LocalDate> of(Evidence evidence, NeedAhead need) {
    if (evidence.approach() == Approach.WAIT_FOR_NUBS) {
      return Optional.empty();
    }
    return Stream.of(medium(evidence, need), doubtful(evidence), need.rimPassed())
        .flatMap(Optional::stream)
        .min(LocalDate::compareTo);
  }

  /**
   * Where a test showed that it is gone, there are some weeks from that day; and who got a plant in
   * such a medium could not move it sooner.
   */
  private static Optional<LocalDate> medium(Evidence evidence, NeedAhead need) {
    var figures = evidence.figures();
    var came =
        evidence
            .situation()
            .arrival()
            .map(arrival -> arrival.on().plusDays(figures.count(MomentFigures.SHORT_WAIT)));
    return need.mediumGone()
        .map(
            gone ->
                evidence.tests().stream().anyMatch(test -> test.on().equals(gone))
                    ? gone.plusDays(weeks(figures))
                    : gone)
        .map(gone -> came.filter(gone::isBefore).orElse(gone));
  }

  /** Who does not leave it in a doubtful medium does not leave it for long. */
  private static Optional<LocalDate> doubtful(Evidence evidence) {
    return evidence.leavesADoubtfulMedium()
        ? Optional.of(
            evidence
                .situation()
                .arrival()
                .map(arrival -> arrival.on())
                .orElse(evidence.today())
                .plusDays(weeks(evidence.figures())))
        : Optional.empty();
  }

  static int weeks(Figures figures) {
    return figures.count(JudgementFigures.REPOT_WITHIN);
  }
}
