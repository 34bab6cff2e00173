package almanac.core.judgement.need;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.NeedFigures;
import almanac.core.judgement.reason.Need;
import almanac.core.judgement.reason.Reason;
import almanac.core.judgement.reason.Scale;
import almanac.core.kinds.Ground;
import almanac.core.kinds.Trait;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.Moisture;
import almanac.core.medium.UsedLife;
import java.time.LocalDate;
import java.util.Optional;

/**
 * How much a plant will want a move on a later day, if nothing but time passes: its medium runs on
 * and its lead goes on; all else stays as it was seen. Rules: The moments ahead.
 */
public final class NeedAhead {
  private final Evidence evidence;
  private final Figures figures;
  private final double others;
  private final double unknownPot;
  private final boolean startsNow;
  private final double now;
  private final Optional<RimAhead> rim;

  /**
   * @param reasons as they are today
   */
  public NeedAhead(Evidence evidence, Iterable<Reason> reasons) {
    this.evidence = evidence;
    this.figures = evidence.figures();
    this.rim = RimAhead.of(evidence);
    double all = 0;
    double rest = 0;
    double unknown = 0;
    boolean starts = false;
    for (var reason : reasons) {
      if (reason.scale() == Scale.NEED) {
        all += reason.points();
        rest += moves(reason, rim.isPresent()) ? 0 : reason.points();
        starts |= reason.basis().equals(NeedFigures.START_OF_GROWTH);
        unknown += reason.basis().equals(NeedFigures.UNKNOWN_POT) ? reason.points() : 0;
      }
    }
    this.others = rest;
    this.unknownPot = unknown;
    this.startsNow = starts;
    this.now = all;
  }

  /** What time alone changes. */
  private static boolean moves(Reason reason, boolean wanders) {
    return reason.basis() instanceof Need need
        && (need.matter() == Need.Matter.AGE
            || need.equals(NeedFigures.START_OF_GROWTH)
            || wanders && RoomNeeds.ofTheRim(need));
  }

  /**
   * How much it counts on a day, 0 to 100; today, as it is weighed today.
   *
   * @param starts whether a growth starts then, of a kind that is moved every year as it does
   */
  public double on(LocalDate day, boolean starts) {
    double points =
        day.isAfter(evidence.today())
            ? others - noLongerNew(day) + start(day, starts) + age(day) + room(day)
            : now;
    return Math.min(figures.of(NeedFigures.MOST), points);
  }

  /** A growth that starts asks for a move for some weeks; the next one asks anew. */
  private double start(LocalDate day, boolean starts) {
    double points = figures.of(NeedFigures.START_OF_GROWTH.counts());
    if (starts) {
      return movedThisYear(day) ? 0 : points;
    }
    int weeks = figures.count(JudgementFigures.WINDOW_SOON);
    return startsNow
            && evidence
                .seenAt(Items.GROWTH, Lead.FIRST)
                .filter(seen -> !seen.on().plusDays(2L * weeks).isBefore(day))
                .isPresent()
        ? points
        : 0;
  }

  private boolean movedThisYear(LocalDate day) {
    int year = figures.count(NeedFigures.THIS_YEAR_DAYS);
    return evidence.daysSinceMove().isPresent()
        && evidence
            .today()
            .minusDays(evidence.daysSinceMove().getAsLong())
            .plusDays(year)
            .isAfter(day);
  }

  /** What a new plant's unknown pot counts, once it is new no more. */
  private double noLongerNew(LocalDate day) {
    var came = evidence.situation().arrival().map(arrival -> arrival.on());
    int days = figures.count(JudgementFigures.NEW_DAYS);
    return came.filter(on -> on.plusDays(days).isBefore(day)).map(over -> unknownPot).orElse(0.0);
  }

  private double age(LocalDate day) {
    return evidence.used().map(used -> AgePoints.of(used(used, day), figures)).orElse(0.0);
  }

  private double room(LocalDate day) {
    return rim.map(ahead -> points(ahead.on(day, evidence))).orElse(0.0);
  }

  private double points(Rim at) {
    return at == Rim.ROOM ? 0 : figures.of(RoomNeeds.need(at, evidence).counts());
  }

  /** Whether its medium, which is not due today, will be by then. */
  public boolean turnsDueBy(LocalDate day) {
    double due = figures.of(MediumFigures.DUE);
    return evidence
        .used()
        .filter(used -> used.likely() < due && used(used, day) >= due)
        .isPresent();
  }

  private double used(UsedLife now, LocalDate day) {
    return now.likely() + evidence.clock().usedBetween(evidence.today(), day);
  }

  /** Whether neither a medium nor a lead says when it will want a move. */
  public boolean timeless() {
    return evidence.used().isEmpty() && rim.isEmpty();
  }

  /** The first day on which the age of the medium brings the need to so much; nothing if never. */
  public Optional<LocalDate> byAge(double points) {
    double used = AgePoints.usedFor(points - others - room(evidence.today()), figures);
    return Double.isInfinite(used) || evidence.used().isEmpty()
        ? Optional.empty()
        : evidence.clock().reaches(used, evidence.today(), evidence.tests());
  }

  /** The days on which the lead has half a season of room left, and none. */
  public Optional<LocalDate> rimNear() {
    double aSeason =
        evidence.kind().of(Trait.RHIZOME_STEP_MM) * evidence.kind().of(Trait.GROWTHS_A_YEAR);
    return rim.map(ahead -> ahead.reaches(aSeason / 2));
  }

  public Optional<LocalDate> rimReached() {
    return rim.map(ahead -> ahead.reaches(0));
  }

  /** The day on which the lead is past the rim by a growth. */
  public Optional<LocalDate> rimPassed() {
    return rim.map(ahead -> ahead.reaches(-evidence.kind().of(Trait.RHIZOME_STEP_MM)));
  }

  /** The day on which the medium is gone: earlier for what stands wet all the time. */
  public Optional<LocalDate> mediumGone() {
    double gone = figures.of(wet() ? MediumFigures.SPENT : NeedFigures.GONE_AT);
    return evidence.clock().reached(gone, evidence.tests());
  }

  private boolean wet() {
    return evidence.kind().of(Trait.GROUND) == Ground.SLIPPER
        || evidence.situation().history().potting().moisture() == Moisture.ALWAYS_WET;
  }
}
