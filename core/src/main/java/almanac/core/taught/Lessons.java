package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import almanac.core.medium.Component;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * What a collection taught its keeper: its moves counted by what came of them, and how long its
 * media last. Rules: What it taught.
 *
 * @param counted how many moves came to what
 * @param answers to each question that at least two moves can be told apart by
 * @param tips when new root tips came
 * @param holds when it had taken hold
 * @param lives of the components that were felt, the best known first
 */
public record Lessons(
    Map<Outcome, Integer> counted,
    List<Answered> answers,
    HowLong tips,
    HowLong holds,
    List<LifeHere> lives,
    List<TipsHere> broken) {
  /** A question with its sides. */
  public record Answered(Question question, List<Line> lines) {}

  /**
   * One side of a question.
   *
   * @param slow of those that tell, how many took hold too late
   * @param badly of those that tell, how many were set back or lost
   * @param waiting moves of which it is too early to say
   * @param unseen moves at which nobody looked in time
   */
  public record Line(String words, Chance chance, int slow, int badly, int waiting, int unseen) {}

  /** What moves and felt pots tell. */
  public static Lessons of(Collection<MoveTold> known, Collection<PotFelt> pots, Figures figures) {
    var counted = new EnumMap<Outcome, Integer>(Outcome.class);
    known.forEach(each -> counted.merge(each.afterwards().outcome(), 1, Integer::sum));
    var answers = new ArrayList<Answered>();
    for (var question : Question.values()) {
      var lines = lines(question, known, figures);
      if (lines.size() >= question.leastSides()) {
        answers.add(new Answered(question, lines));
      }
    }
    var opened = known.stream().filter(each -> !each.move().whole()).toList();
    return new Lessons(
        counted,
        answers,
        howLong(opened, Afterwards::tips, Sign.Of.NO_TIPS),
        howLong(opened, Afterwards::holds, Sign.Of.LOOSE),
        lives(pots, figures),
        TipsHere.of(known, figures));
  }

  private static List<Line> lines(Question question, Collection<MoveTold> known, Figures figures) {
    return question.sides(known).entrySet().stream()
        .map(side -> line(side.getKey(), side.getValue(), figures))
        .toList();
  }

  private static Line line(Question.Side side, List<MoveTold> moves, Figures figures) {
    return line(side.words(), figures.of(side.assumed()) / 100, moves, figures);
  }

  /**
   * One side.
   *
   * @param from what is assumed without these moves, 0 to 1
   */
  static Line line(String words, double from, List<MoveTold> moves, Figures figures) {
    var outcomes =
        moves.stream()
            .collect(
                Collectors.groupingBy(each -> each.afterwards().outcome(), Collectors.counting()));
    int told = (int) moves.stream().filter(each -> each.afterwards().outcome().tells()).count();
    return new Line(
        words,
        Chance.of(count(outcomes, Outcome.RE_ESTABLISHED), told, from, figures),
        count(outcomes, Outcome.SLOW),
        count(outcomes, Outcome.SET_BACK) + count(outcomes, Outcome.LOST),
        count(outcomes, Outcome.TOO_EARLY),
        count(outcomes, Outcome.NOBODY_LOOKED));
  }

  private static int count(Map<Outcome, Long> outcomes, Outcome outcome) {
    return outcomes.getOrDefault(outcome, 0L).intValue();
  }

  private static HowLong howLong(
      List<MoveTold> moves, Function<Afterwards, Optional<Afterwards.Since>> when, Sign.Of not) {
    var cases = new ArrayList<HowLong.Between>();
    for (var each : moves) {
      var move = each.move();
      var since = when.apply(each.afterwards());
      var lastNot =
          each.afterwards().signs().stream()
              .filter(sign -> sign.of() == not)
              .map(Sign::on)
              .reduce((former, latter) -> latter);
      if (since.isPresent()) {
        cases.add(new HowLong.Between(day(move, since.get().after()), day(move, since.get().by())));
      } else if (lastNot.isPresent()) {
        cases.add(new HowLong.Between(day(move, lastNot.get()), HowLong.Between.NEVER));
      }
    }
    return HowLong.of(cases);
  }

  private static int day(MoveMade move, LocalDate on) {
    return (int) ChronoUnit.DAYS.between(move.on(), on);
  }

  private static List<LifeHere> lives(Collection<PotFelt> pots, Figures figures) {
    var byComponent = new EnumMap<Component, List<LifeHere.Told>>(Component.class);
    pots.forEach(
        pot ->
            byComponent
                .computeIfAbsent(pot.component(), none -> new ArrayList<>())
                .add(pot.life()));
    return byComponent.entrySet().stream()
        .map(each -> LifeHere.of(each.getKey(), each.getValue(), figures))
        .sorted(Comparator.comparing(LifeHere::pots).reversed())
        .toList();
  }
}
