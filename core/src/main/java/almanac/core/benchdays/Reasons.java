package almanac.core.benchdays;

import static almanac.core.words.Sentence.say;

import ai.timefold.solver.core.api.score.buildin.hardmediumsoftlong.HardMediumSoftLongScore;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Says why a job lies where it does: what every day nearer to its best would cost more. */
final class Reasons {
  private final Board board;
  private final Counted counted;
  private final LocalDate today;
  private final Map<BenchRule, HardMediumSoftLongScore> here;

  Reasons(Board board, Counted counted, LocalDate today) {
    this.board = board;
    this.counted = counted;
    this.today = today;
    this.here = counted.byRule();
  }

  /** In a plan for which a better one is still searched. */
  static Placed atFirst(JobSeat seat) {
    return chosen(seat)
        .orElseGet(
            () ->
                new Placed(
                    seat.job(),
                    false,
                    Set.of(),
                    say("Laid at first sight; a better day is still searched for.")));
  }

  private static Optional<Placed> chosen(JobSeat seat) {
    var job = seat.job();
    if (job.days().pinned().filter(seat.on()::equals).isPresent()) {
      return Optional.of(new Placed(job, true, Set.of(), say("You chose this day.")));
    }
    return seat.pinned()
        ? Optional.of(
            new Placed(job, false, Set.of(), say("It lies on today, and stays there all day.")))
        : Optional.empty();
  }

  Placed placed(JobSeat seat) {
    return chosen(seat).orElseGet(() -> laid(seat));
  }

  private Placed laid(JobSeat seat) {
    var job = seat.job();
    var nearer = nearer(seat);
    if (nearer.isEmpty()) {
      return new Placed(job, false, Set.of(), nearest(seat));
    }
    var day = nearer.get(0);
    var rules = binding(seat, day);
    return new Placed(
        job,
        false,
        Set.copyOf(rules),
        say("{} would be nearer to its best, ", day.on()).and(but(rules.get(0), seat, day)));
  }

  /** The days nearer to its best, the nearest first. */
  private List<BenchDay> nearer(JobSeat seat) {
    var job = seat.job();
    return board.days().stream()
        .filter(day -> job.offBest(day.on()) < job.offBest(seat.on()))
        .sorted(Comparator.comparing(day -> job.offBest(day.on())))
        .toList();
  }

  /** What speaks against another day, the gravest first; without all of them it would lie there. */
  private List<BenchRule> binding(JobSeat seat, BenchDay day) {
    var there = counted.with(seat, day, counted::byRule);
    var gains = new EnumMap<BenchRule, HardMediumSoftLongScore>(BenchRule.class);
    here.forEach((rule, score) -> gains.put(rule, there.get(rule).subtract(score)));
    var left = gains.values().stream().reduce(HardMediumSoftLongScore::add).orElseThrow();
    var binding = new ArrayList<BenchRule>();
    var gravest = gains.keySet().stream().sorted(Comparator.comparing(gains::get)).iterator();
    while (left.compareTo(HardMediumSoftLongScore.ZERO) <= 0 && gravest.hasNext()) {
      var rule = gravest.next();
      binding.add(rule);
      left = left.subtract(gains.get(rule));
    }
    return binding;
  }

  private Sentence nearest(JobSeat seat) {
    var job = seat.job();
    if (job.hazard()) {
      return say("It cannot wait.");
    }
    if (job.offBest(seat.on()) == 0) {
      return job.days().window().best().isAfter(today)
          ? say("Its best day.")
          : say("Any day is right; the sooner the better.");
    }
    long possible = board.days().stream().filter(day -> job.mayLieOn(day.on())).count();
    return possible == 1
        ? say(
            "The only bench day from {} to {}.",
            job.days().window().early(),
            job.days().window().late())
        : say("The bench day nearest to its best, {}.", job.days().window().best());
  }

  private Sentence but(BenchRule rule, JobSeat seat, BenchDay day) {
    var job = seat.job();
    return switch (rule) {
      case ROOM -> say("but lacks {} for it.", Measure.MINUTES.of(lacks(seat, day)));
      case WINDOW ->
          day.on().isAfter(job.days().window().late())
              ? say("but its window closes on {}.", job.days().window().late())
              : say("but its window opens on {}.", job.days().window().early());
      case FLOWERS -> say("but it flowers until {}.", until(job));
      case IDLE -> say("but this day would stay empty.");
      case MIX -> say("but its mix is made on this day anyway.");
      case STAYS -> say("but too little to leave the day that it had.");
      case PLACED, HAZARD, OVERDUE, LATE, BEST -> say("but others would have to give way.");
    };
  }

  private static LocalDate until(BenchJob job) {
    return job.days().flowersOver().orElseThrow();
  }

  private int lacks(JobSeat seat, BenchDay day) {
    return board.taken(day) + seat.job().minutes() - day.room();
  }
}
