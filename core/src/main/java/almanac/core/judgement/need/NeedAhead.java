package almanac.core.judgement.need;

import almanac.core.figures.Figures;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Rim;
import almanac.core.judgement.evidence.Evidence;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.judgement.figures.MomentFigures;
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
import java.util.function.ToDoubleFunction;

/**
 * How much a plant will want a move on a later day, if nothing but time passes: its medium runs on
 * and its lead goes on; all else stays as it was seen. Rules: The moments ahead.
 */
public final class NeedAhead {
  /** Of a medium of which nobody knows how long it was in use, percent. */
  private static final double GONE = 100;

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
    return on(day, starts, UsedLife::likely, 0, 0);
  }

  /** The least that it may count then: a medium that lasts, and a lead one growth behind. */
  public double leastOn(LocalDate day, boolean starts) {
    return on(day, starts, UsedLife::least, -lifeSpread(), aGrowth());
  }

  /** The most that it may count then: a medium that goes early, and a lead one growth ahead. */
  public double mostOn(LocalDate day, boolean starts) {
    return on(day, starts, used -> used.most().orElse(GONE), lifeSpread(), -aGrowth());
  }

  private double on(
      LocalDate day,
      boolean starts,
      ToDoubleFunction<UsedLife> usedNow,
      double faster,
      double farther) {
    double points =
        day.isAfter(evidence.today())
            ? others
                - noLongerNew(day)
                + start(day, starts)
                + age(day, usedNow, faster)
                + room(day, farther)
            : now;
    return Math.min(figures.of(NeedFigures.MOST), points);
  }

  private double lifeSpread() {
    return figures.of(MomentFigures.LIFE_SPREAD) / 100;
  }

  private double aGrowth() {
    return evidence.kind().of(Trait.RHIZOME_STEP_MM);
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

  /**
   * @param faster than is likely, as a share of what is used until then; negative slower
   */
  private double age(LocalDate day, ToDoubleFunction<UsedLife> usedNow, double faster) {
    return evidence
        .used()
        .map(
            used -> AgePoints.of(usedNow.applyAsDouble(used) + usedBy(day) * (1 + faster), figures))
        .orElse(0.0);
  }

  /**
   * @param farther from the rim than is likely, mm; negative nearer
   */
  private double room(LocalDate day, double farther) {
    return rim.map(ahead -> points(ahead.on(day, farther, evidence))).orElse(0.0);
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
    return now.likely() + usedBy(day);
  }

  private double usedBy(LocalDate day) {
    return evidence.clock().usedBetween(evidence.today(), day);
  }

  /** Whether neither a medium nor a lead says when it will want a move. */
  public boolean timeless() {
    return evidence.used().isEmpty() && rim.isEmpty();
  }

  /** The first day on which the age of the medium brings the need to so much; nothing if never. */
  public Optional<LocalDate> byAge(double points) {
    double used = AgePoints.usedFor(points - others - room(evidence.today(), 0), figures);
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
