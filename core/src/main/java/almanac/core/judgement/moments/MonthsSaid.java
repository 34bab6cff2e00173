package almanac.core.judgement.moments;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** The year ahead of a plant in sentences. Rules: The moments ahead. */
final class MonthsSaid {
  private final List<DayAhead> weeks;
  private final double wanted;

  private MonthsSaid(List<DayAhead> weeks, double wanted) {
    this.weeks = weeks;
    this.wanted = wanted;
  }

  /** When it comes to want a move, and when it will probably be moved. */
  static List<Sentence> of(List<DayAhead> weeks, double wanted, Optional<Wait> nextMove) {
    var wants = new MonthsSaid(weeks, wanted).wants();
    return nextMove.map(next -> List.of(wants, move(next))).orElseGet(() -> List.of(wants));
  }

  private Sentence wants() {
    var today = weeks.get(0).day();
    var likely = first(Reach::likely);
    if (likely.filter(today::equals).isPresent()) {
      return say("It wants a move by now.");
    }
    var early = first(Reach::most);
    var late = first(Reach::least);
    if (early.isEmpty()) {
      return say("In this year nothing makes it want a move.");
    }
    return late.isPresent()
        ? say("It comes to want a move between {} and {}.", early.get(), late.get())
        : say("It may come to want a move from {} on, or not within the year.", early.get());
  }

  private Optional<LocalDate> first(ToDoubleFunction<Reach> points) {
    return weeks.stream()
        .filter(week -> points.applyAsDouble(week.need()) >= wanted)
        .map(DayAhead::day)
        .findFirst();
  }

  private static Sentence move(Wait next) {
    return next.earliest().equals(next.latest())
        ? say("Its next move is expected about {}.", next.likely())
        : say("Its next move is expected between {} and {}.", next.earliest(), next.latest());
  }
}
