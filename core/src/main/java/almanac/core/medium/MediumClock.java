package almanac.core.medium;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The clock of one potting: life used per day is 1 / life × moisture × temperature.
 *
 * @param pottedOn when it was potted
 * @param knownSince the day since which the plant is certainly in this medium
 * @param mix what it is potted in
 * @param moisture how wet it is kept
 * @param temperatures bench means by month
 */
public record MediumClock(
    PottedOn pottedOn,
    LocalDate knownSince,
    Mix mix,
    Moisture moisture,
    Temperatures temperatures) {
  private static final double DAYS_A_MONTH = 365.25 / 12;
  private static final double DEGREES_TO_DOUBLE = 10;

  /**
   * The life used by a day.
   *
   * @param tests in any order; tests from before the potting or after the day say nothing
   * @return nothing if the mix does not decay
   */
  public Optional<UsedLife> usedOn(LocalDate day, List<MediumTest> tests, Figures figures) {
    if (mix.inert()) {
      return Optional.empty();
    }
    var felt =
        tests.stream()
            .filter(test -> !test.on().isAfter(day) && !test.on().isBefore(start()))
            .sorted(Comparator.comparing(MediumTest::on))
            .toList();
    double likely = run(start(), day, felt, figures);
    if (pottedOn instanceof PottedOn.Between between) {
      return Optional.of(
          new UsedLife(
              run(between.latest(), day, felt, figures),
              likely,
              OptionalDouble.of(run(between.earliest(), day, felt, figures)),
              OptionalDouble.of(run(start(), day, List.of(), figures)),
              because(between, day, felt, figures)));
    }
    var most =
        felt.isEmpty() || Double.isInfinite(felt.get(felt.size() - 1).band().most())
            ? OptionalDouble.empty()
            : OptionalDouble.of(runOn(felt.get(felt.size() - 1), day, figures));
    return Optional.of(
        new UsedLife(likely, likely, most, OptionalDouble.empty(), sinceArrival(day, felt)));
  }

  /**
   * The first day on which so much is used, if nothing is tested again.
   *
   * @param percent the used life to wait for
   * @return the day, at the latest ten years on; nothing if the mix does not decay
   */
  public Optional<LocalDate> reaches(
      double percent, LocalDate from, List<MediumTest> tests, Figures figures) {
    var now = usedOn(from, tests, figures);
    if (now.isEmpty()) {
      return Optional.empty();
    }
    double used = now.get().likely();
    var end = from.plusYears(10);
    for (var day = from; day.isBefore(end); day = day.plusDays(1)) {
      if (used >= percent) {
        return Optional.of(day);
      }
      used += perDay(day, figures);
    }
    return Optional.of(end);
  }

  private LocalDate start() {
    return pottedOn instanceof PottedOn.Between between ? between.middle() : knownSince;
  }

  private double run(LocalDate from, LocalDate to, List<MediumTest> tests, Figures figures) {
    double used = 0;
    var day = from;
    for (var test : tests) {
      used = test.band().clamp(used + between(day, test.on(), figures));
      day = test.on().isAfter(day) ? test.on() : day;
    }
    return used + between(day, to, figures);
  }

  private double runOn(MediumTest last, LocalDate to, Figures figures) {
    return last.band().most() + between(last.on(), to, figures);
  }

  private double between(LocalDate from, LocalDate to, Figures figures) {
    double used = 0;
    var day = from;
    while (day.isBefore(to)) {
      var nextMonth = day.withDayOfMonth(1).plusMonths(1);
      var until = nextMonth.isBefore(to) ? nextMonth : to;
      used += ChronoUnit.DAYS.between(day, until) * perDay(day, figures);
      day = until;
    }
    return used;
  }

  /** Percent of the life used on one day. */
  private double perDay(LocalDate day, Figures figures) {
    double warmer = temperatures.in(day.getMonth()) - figures.of(MediumFigures.LIFE_TEMPERATURE);
    double warmth = Math.pow(figures.of(MediumFigures.Q10), warmer / DEGREES_TO_DOUBLE);
    return 100 * mix.useAMonth(figures) / DAYS_A_MONTH * figures.of(moisture.pace()) * warmth;
  }

  private Sentence because(
      PottedOn.Between between, LocalDate day, List<MediumTest> felt, Figures figures) {
    var months =
        Measure.MONTHS.of(
            Math.round(ChronoUnit.DAYS.between(between.middle(), day) / DAYS_A_MONTH));
    if (felt.isEmpty()) {
      return say("{} in the pot, {}; no piece felt since", months, moisture.words());
    }
    var last = felt.get(felt.size() - 1);
    var calendar = Measure.PERCENT.of(Math.round(run(start(), day, List.of(), figures)));
    return say(
        "{} by the calendar after {}, but {} on {}", calendar, months, last.words(), last.on());
  }

  private Sentence sinceArrival(LocalDate day, List<MediumTest> felt) {
    if (felt.isEmpty()) {
      return say("Potting date unknown: at least since {}", knownSince);
    }
    var last = felt.get(felt.size() - 1);
    return say(
        "Potting date unknown, at least since {}; {} on {}", knownSince, last.words(), last.on());
  }
}
