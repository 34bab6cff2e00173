package almanac.core.benchdays;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figures;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.Optional;

/** Names what cannot be met, and what would help. */
final class Help {
  private static final int A_WEEK = 7;

  private final Board board;
  private final Figures figures;

  Help(Board board, Figures figures) {
    this.board = board;
    this.figures = figures;
  }

  /** What to do about a day on which more was pinned than fits. */
  Optional<Sentence> tooMuch(BenchDay day) {
    int over = board.taken(day) - day.room();
    return over <= 0
        ? Optional.empty()
        : Optional.of(
            say("{} too many: free {}", minutes(over), minutes(over))
                .and(orLet(day).orElse(say("."))));
  }

  /** A job that was not weighed, because so many others are needed more. */
  static Left others(BenchJob job) {
    return new Left(
        job, BenchRule.PLACED, say("So many others are needed more; it waits for later days."));
  }

  /** A job without a day. */
  Left left(JobSeat seat, LocalDate today) {
    var job = seat.job();
    var longest = board.days().stream().mapToInt(BenchDay::minutes).max();
    if (longest.isEmpty()) {
      return new Left(job, BenchRule.PLACED, say("There is no bench day: name one."));
    }
    if (longest.getAsInt() < job.minutes()) {
      return new Left(
          job,
          BenchRule.ROOM,
          say("It takes {}, more than any bench day has.", minutes(job.minutes())));
    }
    var open =
        board.days().stream()
            .filter(day -> job.mayLieOn(day.on()))
            .min(Comparator.comparing(day -> job.offBest(day.on())));
    return open.map(day -> full(job, day)).orElseGet(() -> outside(job, today));
  }

  private Left full(BenchJob job, BenchDay day) {
    int lacking = board.taken(day) + job.minutes() - day.room();
    return new Left(
        job,
        BenchRule.ROOM,
        say("{} lacks {} for it: free them", day.on(), minutes(lacking))
            .and(orLet(day).orElse(say("."))));
  }

  private Left outside(BenchJob job, LocalDate today) {
    if (job.hazard()) {
      return new Left(
          job, BenchRule.WINDOW, say("It cannot wait for a bench day: take it in hand today."));
    }
    var flowers =
        board.days().stream()
            .filter(day -> job.outside(day.on()) == 0)
            .findFirst()
            .flatMap(day -> job.days().flowersOver());
    if (flowers.isPresent()) {
      return new Left(
          job,
          BenchRule.FLOWERS,
          say("It flowers until {}: name a day after that.", flowers.get()));
    }
    var from = job.days().window().early().isBefore(today) ? today : job.days().window().early();
    return new Left(
        job,
        BenchRule.WINDOW,
        say("No bench day lies from {} to {}: name one.", from, job.days().window().late()));
  }

  /** Which job of a full day could be done on another, and what that costs it. */
  private Optional<Sentence> orLet(BenchDay full) {
    return board.seats().stream()
        .filter(seat -> full.equals(seat.day()) && !seat.job().hazard())
        .flatMap(seat -> elsewhere(seat, full).stream().map(day -> new Move(seat.job(), day)))
        .min(Comparator.comparing(move -> move.costs(full.on())))
        .map(
            move ->
                move.costs(full.on()) <= figures.count(DayFigures.LITTLE)
                    ? say(
                        ", or let {} wait until {}, which costs nothing.",
                        move.job().name(),
                        move.to())
                    : say(
                        ", or let {} wait until {}, {} from its best.",
                        move.job().name(),
                        move.to(),
                        Measure.DAYS.of(move.job().offBest(move.to()))));
  }

  private record Move(BenchJob job, LocalDate to) {
    int costs(LocalDate from) {
      return Math.max(0, job.offBest(to) - job.offBest(from));
    }
  }

  /** A later bench day with room for it, else the same day of another week of its window. */
  private Optional<LocalDate> elsewhere(JobSeat seat, BenchDay full) {
    var job = seat.job();
    return board.days().stream()
        .filter(day -> day.on().isAfter(full.on()) && job.mayLieOn(day.on()))
        .filter(day -> board.taken(day) + job.minutes() <= day.room())
        .map(BenchDay::on)
        .findFirst()
        .or(
            () ->
                Optional.of(full.on().plusDays(A_WEEK))
                    .filter(job::mayLieOn)
                    .filter(day -> board.days().stream().noneMatch(each -> each.on().equals(day))));
  }

  private static Sentence.Quantity minutes(int minutes) {
    return Measure.MINUTES.of(minutes);
  }
}
