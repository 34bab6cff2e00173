package almanac.core.taught;

import almanac.core.figures.Figure;
import almanac.core.medium.Mix;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;

/** What one asks of the moves of the past: by what they are told apart. Rules: What it taught. */
public enum Question {
  STAGE("By the newest roots when it was moved", Question::byStage),
  FLOWERS("In flower or not", Question::byFlowers),
  SEASON("By the time of the year", Question::bySeason),
  WORK("By what was done", Question::byWork),
  MEDIUM("By what it went into", Question::byMedium),
  SLIP("By what its slip said that day", Question::bySlip),
  APPROACH("By the approach it was judged by", Question::byApproach);

  private final String title;
  private final Function<MoveMade, Optional<Side>> side;

  Question(String title, Function<MoveMade, Optional<Side>> side) {
    this.title = title;
    this.side = side;
  }

  /**
   * One of the sides of a question.
   *
   * @param order in which it stands among the others
   * @param assumed how many in a hundred take hold in time without a record
   */
  public record Side(int order, String words, Figure assumed) {}

  public String title() {
    return title;
  }

  /** Below so many sides it says nothing: whoever knows one approach compares none. */
  int leastSides() {
    return this == APPROACH ? 2 : 1;
  }

  /**
   * On which side a move stands; nothing if nobody knows, or if the question is about opened roots
   * and they stayed in their ball.
   */
  public Optional<Side> of(MoveMade move) {
    boolean opened = !move.whole() && move.sort() != MoveMade.Sort.LIFT;
    return opened || this == WORK ? side.apply(move) : Optional.empty();
  }

  /** The moves on each side, the sides in their order. */
  Map<Side, List<MoveTold>> sides(Collection<MoveTold> known) {
    var sides = new TreeMap<Side, List<MoveTold>>(Comparator.comparing(Side::order));
    for (var each : known) {
      of(each.move())
          .ifPresent(side -> sides.computeIfAbsent(side, none -> new ArrayList<>()).add(each));
    }
    return sides;
  }

  private static Optional<Side> byStage(MoveMade move) {
    return move.before()
        .stage()
        .map(
            stage ->
                switch (stage) {
                  case SWELLING -> new Side(0, "At the first bumps", LearningFigures.AT_BUMPS);
                  case NUB -> new Side(1, "At the nubs", LearningFigures.AT_NUBS);
                  case SHORT, MID ->
                      new Side(2, "Short or half-long roots", LearningFigures.AT_TIPS);
                  case LONG -> new Side(3, "Long roots", LearningFigures.AT_LONG);
                  case ANCHORED ->
                      new Side(4, "All roots in the medium", LearningFigures.IN_THE_MEDIUM);
                  case NONE -> new Side(5, "No new roots", LearningFigures.WITHOUT);
                });
  }

  private static Optional<Side> byFlowers(MoveMade move) {
    return Optional.of(
        move.before().inFlower()
            ? new Side(0, "In bud or flower", LearningFigures.IN_FLOWER)
            : new Side(1, "Without flowers", LearningFigures.ANY));
  }

  private static Optional<Side> bySeason(MoveMade move) {
    var quarter = Quarter.of(move.on());
    return Optional.of(new Side(quarter.ordinal(), quarter.words(), LearningFigures.ANY));
  }

  private static Optional<Side> byWork(MoveMade move) {
    return switch (move.sort()) {
      case SHIFT -> Optional.of(new Side(0, "Moved up whole", LearningFigures.WHOLE));
      case REPOT -> Optional.of(new Side(1, "Repotted", LearningFigures.ANY));
      case DIVISION ->
          Optional.of(new Side(2, "Divided: the part that stayed", LearningFigures.DIVIDED));
      case PIECE -> Optional.of(new Side(3, "Pieces of a division", LearningFigures.DIVIDED));
      case RESCUE -> Optional.of(new Side(4, "Cut clean", LearningFigures.CUT_CLEAN));
      case LIFT -> Optional.empty();
    };
  }

  private static Optional<Side> bySlip(MoveMade move) {
    return move.before()
        .slip()
        .map(
            slip ->
                switch (slip.asked()) {
                  case MOVE, DIVIDE -> new Side(0, "It asked for it", LearningFigures.ASKED_FOR);
                  case WAIT -> new Side(1, "It said: wait", LearningFigures.AGAINST);
                  case LEAVE -> new Side(2, "It said: leave it", LearningFigures.AGAINST);
                  case LET_GO -> new Side(3, "It said: let it go", LearningFigures.HOPELESS);
                });
  }

  private static Optional<Side> byApproach(MoveMade move) {
    return move.before()
        .slip()
        .map(SlipThen::approach)
        .map(approach -> new Side(approach.ordinal(), approach.words(), LearningFigures.ANY));
  }

  private static Optional<Side> byMedium(MoveMade move) {
    if (move.before().mix().isEmpty() || move.into().mix().filter(Mix::known).isEmpty()) {
      return Optional.empty();
    }
    if (!move.changedMedium()) {
      return Optional.of(new Side(0, "The same again", LearningFigures.ANY));
    }
    return Optional.of(
        move.into().mix().orElseThrow().inert()
            ? new Side(2, "Another that does not decay", LearningFigures.ANY)
            : new Side(1, "Another that decays", LearningFigures.ANY));
  }
}
