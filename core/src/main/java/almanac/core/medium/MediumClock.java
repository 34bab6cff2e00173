package almanac.core.medium;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** The clock of one potting: life used per day is 1 / life × moisture × temperature. */
public final class MediumClock {
  private static final double DAYS_A_MONTH = 365.25 / 12;
  private static final double DEGREES_TO_DOUBLE = 10;
  private static final int YEARS_AHEAD = 10;

  /** Of several tests of one day the worst holds, so it comes last. */
  private static final Comparator<MediumTest> WORST_LAST =
      Comparator.comparing(MediumTest::on)
          .thenComparingDouble(test -> test.band().least())
          .thenComparing(test -> test.band().most(), Comparator.reverseOrder());

  private final PottedOn pottedOn;
  private final LocalDate knownSince;
  private final Mix mix;
  private final Moisture moisture;
  private final LocalDate spoiledSince;
  private final double spoiledPace;
  private final double[] percentADay = new double[13];

  /** By the first of each month of a year without a leap day; at 13 the whole year. */
  private final double[] percentBefore = new double[14];

  /**
   * @param pottedOn when it was potted
   * @param knownSince the day since which the plant is certainly in this medium
   * @param mix what it is potted in
   * @param moisture how wet it is kept
   * @param temperatures place means by month
   * @param deadRootsSince since when dead roots are known to decay in it, if they do
   */
  public MediumClock(
      PottedOn pottedOn,
      LocalDate knownSince,
      Mix mix,
      Moisture moisture,
      Temperatures temperatures,
      Optional<LocalDate> deadRootsSince,
      Figures figures) {
    this.pottedOn = pottedOn;
    this.knownSince = knownSince;
    this.mix = mix;
    this.moisture = moisture;
    this.spoiledSince = deadRootsSince.orElse(LocalDate.MAX);
    this.spoiledPace = figures.of(MediumFigures.DEAD_ROOTS_PACE);
    double atTwenty = 100 * mix.useAMonth(figures) / DAYS_A_MONTH * figures.of(moisture.pace());
    for (var month : Month.values()) {
      double warmer = temperatures.in(month) - figures.of(MediumFigures.LIFE_TEMPERATURE);
      double warmth = Math.pow(figures.of(MediumFigures.Q10), warmer / DEGREES_TO_DOUBLE);
      int number = month.getValue();
      percentADay[number] = atTwenty * warmth;
      percentBefore[number + 1] = percentBefore[number] + month.length(false) * percentADay[number];
    }
  }

  /**
   * The life used by a day.
   *
   * @param tests in any order; tests from before the potting or after the day say nothing
   * @return nothing if the mix does not decay
   */
  public Optional<UsedLife> usedOn(LocalDate day, List<MediumTest> tests) {
    if (mix.inert()) {
      return Optional.empty();
    }
    var felt =
        tests.stream()
            .filter(test -> !test.on().isAfter(day) && !test.on().isBefore(start()))
            .sorted(WORST_LAST)
            .toList();
    double likely = run(start(), day, felt);
    if (pottedOn instanceof PottedOn.Between between && mix.known()) {
      return Optional.of(
          new UsedLife(
              run(between.latest(), day, felt),
              likely,
              OptionalDouble.of(run(between.earliest(), day, felt)),
              OptionalDouble.of(run(start(), day, List.of())),
              because(between, day, felt)));
    }
    var most =
        felt.isEmpty() || Double.isInfinite(felt.get(felt.size() - 1).band().most())
            ? OptionalDouble.empty()
            : OptionalDouble.of(runOn(felt.get(felt.size() - 1), day));
    return Optional.of(
        new UsedLife(
            mix.known() || !felt.isEmpty() ? likely : 0,
            likely,
            most,
            OptionalDouble.empty(),
            mix.known() ? sinceArrival(felt) : unknownMedium(felt)));
  }

  /**
   * The first day on which so much is used, if nothing is tested again.
   *
   * @param percent the used life to wait for
   * @return the day, at the latest ten years on; nothing if the mix does not decay
   */
  public Optional<LocalDate> reaches(double percent, LocalDate from, List<MediumTest> tests) {
    var now = usedOn(from, tests);
    if (now.isEmpty()) {
      return Optional.empty();
    }
    double missing = percent - now.get().likely();
    var end = from.plusYears(YEARS_AHEAD);
    var day = from;
    while (day.isBefore(end)) {
      double aDay = aDay(day);
      var nextMonth = day.withDayOfMonth(1).plusMonths(1);
      double inThisMonth = ChronoUnit.DAYS.between(day, nextMonth) * aDay;
      if (missing <= inThisMonth) {
        var reached = day.plusDays(Math.max(0, (long) Math.ceil(missing / aDay)));
        return Optional.of(reached.isBefore(end) ? reached : end);
      }
      missing -= inThisMonth;
      day = nextMonth;
    }
    return Optional.of(end);
  }

  /**
   * The day on which so much was or will be used, if nothing is tested again; the day of a test
   * where that showed it.
   *
   * @return nothing if the mix does not decay
   */
  public Optional<LocalDate> reached(double percent, List<MediumTest> tests) {
    var felt =
        tests.stream().filter(test -> !test.on().isBefore(start())).sorted(WORST_LAST).toList();
    if (mix.inert()) {
      return Optional.empty();
    }
    Optional<LocalDate> reached = Optional.empty();
    double used = 0;
    var day = start();
    for (int i = 0; i < felt.size(); i++) {
      var test = felt.get(i);
      double before = used + usedBetween(day, test.on());
      if (reached.isEmpty() && before >= percent) {
        reached = reaches(percent, day, felt.subList(0, i));
      }
      used = test.band().clamp(before);
      day = test.on();
      if (used < percent) {
        reached = Optional.empty();
      } else if (reached.isEmpty()) {
        reached = Optional.of(day);
      }
    }
    var since = day;
    return reached.or(() -> reaches(percent, since, tests));
  }

  private LocalDate start() {
    return pottedOn instanceof PottedOn.Between between ? between.middle() : knownSince;
  }

  private double run(LocalDate from, LocalDate to, List<MediumTest> tests) {
    double used = 0;
    var day = from;
    for (var test : tests) {
      used = test.band().clamp(used + usedBetween(day, test.on()));
      day = test.on().isAfter(day) ? test.on() : day;
    }
    return used + usedBetween(day, to);
  }

  private double runOn(MediumTest last, LocalDate to) {
    return last.band().most() + usedBetween(last.on(), to);
  }

  private double aDay(LocalDate day) {
    return percentADay[day.getMonthValue()] * (day.isBefore(spoiledSince) ? 1 : spoiledPace);
  }

  /** The life used between two days, %; 0 if the second is not later. */
  public double usedBetween(LocalDate from, LocalDate to) {
    if (!to.isAfter(spoiledSince)) {
      return sound(from, to);
    }
    var since = from.isAfter(spoiledSince) ? from : spoiledSince;
    return sound(from, since) + spoiledPace * sound(since, to);
  }

  private double sound(LocalDate from, LocalDate to) {
    return from.isBefore(to) ? upTo(to) - upTo(from) : 0;
  }

  /** What would be used from the year 0 to a day; differences of it are what is used between. */
  private double upTo(LocalDate day) {
    int year = day.getYear();
    int month = day.getMonthValue();
    double february = percentADay[Month.FEBRUARY.getValue()];
    double leapDays = (year - 1) / 4 - (year - 1) / 100 + (year - 1) / 400;
    boolean leapDayPassed = month > Month.FEBRUARY.getValue() && day.isLeapYear();
    return year * percentBefore[13]
        + leapDays * february
        + percentBefore[month]
        + (leapDayPassed ? february : 0)
        + (day.getDayOfMonth() - 1) * percentADay[month];
  }

  private Sentence because(PottedOn.Between between, LocalDate day, List<MediumTest> felt) {
    var months =
        Measure.MONTHS.of(
            Math.round(ChronoUnit.DAYS.between(between.middle(), day) / DAYS_A_MONTH));
    if (felt.isEmpty()) {
      return say("{} in the pot, {}; no piece felt since", months, moisture.words());
    }
    var decides = decides(felt);
    if (decides.isEmpty()) {
      var last = felt.get(felt.size() - 1);
      return say("{} in the pot, and {} on {}", months, last.words(), last.on());
    }
    var calendar = Measure.PERCENT.of(Math.round(run(start(), day, List.of())));
    return say(
        "{} by the calendar after {}, but {} on {}",
        calendar,
        months,
        decides.get().words(),
        decides.get().on());
  }

  /** The last test that moved the estimate; nothing where all agree with the calendar. */
  private Optional<MediumTest> decides(List<MediumTest> felt) {
    Optional<MediumTest> decides = Optional.empty();
    double used = 0;
    var day = start();
    for (var test : felt) {
      double before = used + usedBetween(day, test.on());
      used = test.band().clamp(before);
      if (Math.round(used) != Math.round(before)) {
        decides = Optional.of(test);
      }
      day = test.on();
    }
    return decides;
  }

  private static Sentence unknownMedium(List<MediumTest> felt) {
    if (felt.isEmpty()) {
      return say("nobody knows what it stands in; taken for bark until a piece is felt");
    }
    var last = felt.get(felt.size() - 1);
    return say("nobody knows what it stands in, but {} on {}", last.words(), last.on());
  }

  private Sentence sinceArrival(List<MediumTest> felt) {
    if (felt.isEmpty()) {
      return say("potted before {}", knownSince);
    }
    var last = felt.get(felt.size() - 1);
    return say("potted before {}; {} on {}", knownSince, last.words(), last.on());
  }
}
