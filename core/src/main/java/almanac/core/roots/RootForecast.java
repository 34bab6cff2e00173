package almanac.core.roots;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.season.GrowthPace;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Where growing roots will be: the speed of the kind weighed against every measurement, each by how
 * uncertain it is. Rules: Root stages.
 *
 * @param look the last look at growing roots
 * @param seenMm their length on that day: as measured, or as the stage that was seen allows; below
 *     0 for bumps
 * @param estimate what the roots are taken to be
 * @param measurements how many measured lengths of these roots it rests on
 * @param slippedOn the day of a measurement that was left out because it does not fit the others
 * @param pace how the place lets them grow
 */
public record RootForecast(
    RootLook look,
    double seenMm,
    Estimate estimate,
    int measurements,
    Optional<LocalDate> slippedOn,
    GrowthPace pace) {
  /** Nine in ten lie so many standard deviations around the middle. */
  private static final double NINE_IN_TEN = 1.645;

  private static final double DAYS_A_WEEK = 7;
  private static final double WEATHER_IN_PERCENT = 100;

  /** Bumps may be half of their days along, or just beginning. */
  private static final double HALF = 0.5;

  /**
   * The forecast for one lead; nothing for roots of which no tip and no bump is to be seen.
   *
   * @param looks at that lead, oldest first
   * @param kind how fast roots of its kind grow
   */
  public static Optional<RootForecast> of(
      List<RootLook> looks, RootSpeed kind, GrowthPace pace, Figures figures) {
    if (looks.isEmpty()) {
      return Optional.empty();
    }
    var last = looks.get(looks.size() - 1);
    var flushes = Flushes.of(looks, figures);
    var before = kind.after(flushes.former(), pace, figures);
    if (last.stage() == RootStage.SWELLING) {
      return Optional.of(ofBumps(last, before, pace, figures));
    }
    if (!last.stage().measurable()) {
      return Optional.empty();
    }
    var estimate = Estimate.of(flushes.present(), before, pace, figures);
    int measured = (int) estimate.rests().stream().filter(RootReading::measured).count();
    return Optional.of(
        new RootForecast(
            last,
            seen(last, estimate, pace, figures),
            estimate,
            measured,
            estimate.slip().map(RootReading::on).or(flushes::slip),
            pace));
  }

  /** Bumps are roots that still have some days to go before they show. */
  private static RootForecast ofBumps(
      RootLook look, RootSpeed before, GrowthPace pace, Figures figures) {
    double missing = before.mmAWeek() * figures.of(RootFigures.BUMPS_DAYS) / DAYS_A_WEEK;
    var reading = new RootReading(look.on(), -missing, missing * HALF, false);
    var estimate = Estimate.of(List.of(reading), before, pace, figures);
    return new RootForecast(look, -missing, estimate, 0, Optional.empty(), pace);
  }

  /** What was measured stands; what was seen by eye is taken for the likely length of its stage. */
  private static double seen(RootLook last, Estimate estimate, GrowthPace pace, Figures figures) {
    boolean slipped = estimate.slip().filter(slip -> slip.on().equals(last.on())).isPresent();
    if (last.longestMm().isPresent() && !slipped) {
      return last.longestMm().getAsDouble();
    }
    double since = pace.weeks(estimate.lastDay(), last.on());
    double likely = estimate.course().mm() + estimate.speed().mmAWeek() * since;
    return slipped ? likely : StageRange.of(last.stage(), figures).nearest(likely);
  }

  /** How fast the roots grow in warm and light weeks. */
  public RootSpeed speed() {
    return estimate.speed();
  }

  /** What it rests on, as a sentence. */
  public Sentence restsOn(LocalDate today, Figures figures) {
    var speed = Measure.MM_A_WEEK.of(Math.round(10 * speed().mmAWeek()) / 10.0);
    var rests =
        measurements < 2
            ? say("By the speed of its kind: {} in warm and light weeks", speed)
            : say(
                "By {} measurements, weighed against the speed of its kind: {} in warm and light"
                    + " weeks",
                measurements,
                speed);
    double share = pace.weeks(today, today.plusWeeks(1));
    if (share < figures.of(RootFigures.SLOWED) / 100) {
      rests =
          rests.and(
              say(
                  "; in {} they make about {} here",
                  today.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH),
                  Measure.MM_A_WEEK.of(Math.max(1, Math.round(share * speed().mmAWeek())))));
    }
    if (slippedOn.isPresent()) {
      rests =
          rests.and(
              say("; the length of {} does not fit the others and is left out", slippedOn.get()));
    }
    return rests.and(say(". Nine in ten fall into the shaded range."));
  }

  /** The likely length on a day, mm; never shorter than what was seen, below 0 for bumps. */
  public double lengthOn(LocalDate day) {
    if (!day.isAfter(look.on())) {
      return seenMm;
    }
    double grown = estimate.speed().mmAWeek() * pace.weeks(estimate.lastDay(), day);
    return Math.max(seenMm, estimate.course().mm() + grown);
  }

  /** The likely stage on a day. */
  public RootStage stageOn(LocalDate day, Figures figures) {
    return RootStage.ofLength(lengthOn(day), figures);
  }

  /** The length on a day as a range that holds the true one in nine cases of ten. */
  public Span spanOn(LocalDate day, Figures figures) {
    double weeks = pace.weeks(estimate.lastDay(), day);
    double grown = estimate.speed().mmAWeek() * weeks;
    double spread = Math.hypot(estimate.speed().spread(), relativeWeather(weeks, figures));
    double ruler = NINE_IN_TEN * Math.sqrt(estimate.course().variance());
    double likely = lengthOn(day);
    double more = Math.hypot(grown * Math.expm1(NINE_IN_TEN * spread), ruler);
    double less = Math.hypot(grown * Math.expm1(-NINE_IN_TEN * spread), ruler);
    return new Span(Math.max(Math.min(seenMm, likely), likely - less), likely, likely + more);
  }

  /** When the longest root passes a length: nine in ten do between the earliest and the latest. */
  public Passing passes(double mm, Figures figures) {
    double speed = estimate.speed().mmAWeek();
    double missing = mm - estimate.course().mm();
    if (mm <= seenMm || missing <= 0) {
      return new Passing(look.on(), look.on(), look.on());
    }
    double weeks = missing / speed;
    double byLogSpeed = weeks + estimate.mmByLogSpeed() / speed;
    double variance =
        square(byLogSpeed * estimate.speed().spread())
            + estimate.course().variance() / square(speed)
            + square(weeks * relativeWeather(weeks, figures));
    double spread = Math.sqrt(Math.log1p(variance / square(weeks)));
    return new Passing(
        after(weeks * Math.exp(-NINE_IN_TEN * spread)),
        after(weeks * Math.exp(square(spread) / 2)),
        after(weeks * Math.exp(NINE_IN_TEN * spread)));
  }

  /** Until when the roots are nubs. */
  public Passing nubUntil(Figures figures) {
    return passes(figures.of(RootFigures.NUB_MOST), figures);
  }

  /** The last day on which they are likely to be nubs; not before they were seen. */
  public LocalDate lastAsNubs(Figures figures) {
    var day = nubUntil(figures).likely();
    while (day.isAfter(look.on()) && stageOn(day, figures).compareTo(RootStage.NUB) > 0) {
      day = day.minusDays(1);
    }
    return day;
  }

  /** Until when a broken tip is lost for good; from then on branching kinds are open again. */
  public Passing unsafeUntil(Figures figures) {
    return passes(figures.of(RootFigures.MID_MOST), figures);
  }

  private LocalDate after(double weeks) {
    var day = pace.after(estimate.lastDay(), weeks);
    return day.isBefore(look.on()) ? look.on() : day;
  }

  /** What the weather of so many weeks adds to the spread of the speed. */
  private static double relativeWeather(double weeks, Figures figures) {
    return weeks == 0
        ? 0
        : figures.of(RootFigures.WEATHER)
            / WEATHER_IN_PERCENT
            * Math.sqrt(RootCourse.varied(weeks))
            / weeks;
  }

  private static double square(double value) {
    return value * value;
  }

  /**
   * The day on which a length is passed.
   *
   * @param earliest if the roots are fast
   * @param likely by all that is known
   * @param latest if the roots are slow
   */
  public record Passing(LocalDate earliest, LocalDate likely, LocalDate latest) {}

  /**
   * A length on a day, mm.
   *
   * @param least if the roots are slow
   * @param likely by all that is known
   * @param most if the roots are fast
   */
  public record Span(double least, double likely, double most) {}
}
