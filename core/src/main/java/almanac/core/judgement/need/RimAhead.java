package almanac.core.judgement.need;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.AtRim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.MomentFigures;
import almanac.core.potting.LeadStep;
import almanac.core.season.GrowthPace;
import java.time.LocalDate;
import java.util.Optional;

/**
 * How near the foremost lead will be to the rim. It goes on from the day on which that was seen, as
 * fast as its leads do where it stands. Rules: The moments ahead.
 *
 * @param at where it was seen
 * @param from the day of that look
 * @param mm its distance to the rim on that day; negative beyond it
 * @param aWeek how much of it goes in a full week of growth, mm
 */
record RimAhead(AtRim at, LocalDate from, double mm, double aWeek, GrowthPace pace) {

  /** Nothing where no lead was looked at, or where it does not wander. */
  static Optional<RimAhead> of(Evidence evidence) {
    var kind = evidence.kind();
    double aYear = LeadStep.aYearMm(evidence.situation().history(), kind, evidence.today());
    if (aYear <= 0) {
      return Optional.empty();
    }
    return evidence.foremost().map(at -> of(at, aYear, evidence));
  }

  private static RimAhead of(AtRim at, double aYear, Evidence evidence) {
    Figures figures = evidence.figures();
    var from = evidence.seenAt(Items.RIM, at.lead()).orElseThrow().on();
    double mm =
        at.distance().orElseGet(() -> aYear * figures.of(MomentFigures.room(at.rim())) / 100);
    var pace = evidence.situation().conditions().pace(evidence.kind().warmth(), figures);
    return new RimAhead(at, from, mm, aYear / pace.weeks(from, from.plusYears(1)), pace);
  }

  /**
   * How much room it has on a day; never more than was seen.
   *
   * @param farther from the rim than is likely, mm; negative nearer
   */
  Rim on(LocalDate day, double farther, Evidence evidence) {
    var then = AtRim.byDistance(mm + farther - aWeek * pace.weeks(from, day), evidence.kind());
    return then.compareTo(at.rim()) > 0 ? then : at.rim();
  }

  /** The day on which no more than that is left, mm; not before it was looked at. */
  LocalDate reaches(double left) {
    return pace.after(from, (mm - left) / aWeek);
  }
}
