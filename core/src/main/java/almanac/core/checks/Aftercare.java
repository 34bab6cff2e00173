package almanac.core.checks;

import static almanac.core.words.Sentence.say;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.tally.TallyFigures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The checks after a move. Rules: Follow-up checks. */
public final class Aftercare {
  private Aftercare() {}

  /** The checks after a move, first to last. */
  public static List<Check> of(Move move, Figures figures) {
    var f = figures;
    var on = move.on();
    var checks = new ArrayList<Check>();
    if (move.parted()) {
      checks.add(
          check(Purpose.WATER, on, FollowUpFigures.WATER_EARLY, FollowUpFigures.WATER_LATE, f));
    }
    checks.add(
        check(Purpose.STANDS, on, FollowUpFigures.STANDS_EARLY, FollowUpFigures.STANDS_LATE, f));
    if (!move.whole()) {
      checks.add(rootTips(move, f));
      checks.add(
          check(
              Purpose.ANCHORED,
              on,
              FollowUpFigures.ANCHORED_EARLY,
              FollowUpFigures.ANCHORED_LATE,
              f));
      checks.add(
          check(Purpose.MEDIUM, on, FollowUpFigures.MEDIUM_EARLY, FollowUpFigures.MEDIUM_LATE, f));
    }
    checks.add(check(Purpose.YEAR, on, FollowUpFigures.YEAR_EARLY, FollowUpFigures.YEAR_LATE, f));
    return move.roomy() ? checks.stream().map(Aftercare::drier).toList() : List.copyOf(checks);
  }

  /** Until it has taken hold, medium that no root reaches stays wet. */
  private static Check drier(Check check) {
    return check.purpose().compareTo(Purpose.ANCHORED) > 0
        ? check
        : new Check(
            check.purpose(),
            check.window(),
            Optional.of(
                say(
                    "Its pot is much wider than the old one: keep it drier until roots reach the wall.")));
  }

  private static Check rootTips(Move move, Figures figures) {
    return move.inFlower()
        ? check(
            Purpose.ROOT_TIPS,
            move.on(),
            FollowUpFigures.ROOT_TIPS_IN_FLOWER_EARLY,
            FollowUpFigures.ROOT_TIPS_IN_FLOWER_LATE,
            figures)
        : check(
            Purpose.ROOT_TIPS,
            move.on(),
            FollowUpFigures.ROOT_TIPS_EARLY,
            FollowUpFigures.ROOT_TIPS_LATE,
            figures);
  }

  /**
   * The first check after a move that can still be made; a window that has closed by then is not
   * booked any more.
   */
  public static Optional<Check> first(Move move, LocalDate today, Figures figures) {
    return of(move, figures).stream()
        .filter(check -> !check.window().late().isBefore(today))
        .findFirst();
  }

  /**
   * The check that follows an answered one.
   *
   * @param answered what was checked
   * @param answer what was found; trouble and doubt bring the same check again
   * @return nothing after the last check of the year, or if the check was not about a move
   */
  public static Optional<Check> next(
      Purpose answered, CheckAnswer answer, Move move, LocalDate today, Figures figures) {
    if (answered.series() != Series.AFTERCARE) {
      return Optional.empty();
    }
    return switch (answer) {
      case NOT_AS_HOPED -> again(answered, today, FollowUpFigures.AGAIN_TROUBLE, figures);
      case CANNOT_TELL -> again(answered, today, FollowUpFigures.AGAIN_UNSURE, figures);
      case AS_HOPED ->
          move.nursed() && answered != Purpose.WATER
              ? weekly(move, today, figures).or(() -> following(answered, move, today, figures))
              : following(answered, move, today, figures);
    };
  }

  private static Optional<Check> following(
      Purpose answered, Move move, LocalDate today, Figures figures) {
    return of(move, figures).stream()
        .filter(check -> check.purpose().compareTo(answered) > 0)
        .filter(check -> !check.window().late().isBefore(today))
        .findFirst();
  }

  /** Until when a plant that lost so much is looked at every week; nothing if it lost little. */
  public static Optional<LocalDate> nursedUntil(Move move, Figures figures) {
    return move.nursed()
        ? Optional.of(move.on().plusDays(figures.count(TallyFigures.NURSED_FOR)))
        : Optional.empty();
  }

  /** While it is nursed: whether it stands, and from the time that new tips are due, for those. */
  private static Optional<Check> weekly(Move move, LocalDate today, Figures figures) {
    var then = today.plusDays(figures.count(TallyFigures.NURSED_EVERY));
    if (nursedUntil(move, figures).filter(until -> !then.isAfter(until)).isEmpty()) {
      return Optional.empty();
    }
    var tips =
        figures.count(
            move.inFlower()
                ? FollowUpFigures.ROOT_TIPS_IN_FLOWER_EARLY
                : FollowUpFigures.ROOT_TIPS_EARLY);
    var purpose = then.isBefore(move.on().plusDays(tips)) ? Purpose.STANDS : Purpose.ROOT_TIPS;
    return again(purpose, today, TallyFigures.NURSED_EVERY, figures);
  }

  /**
   * Whether the check that a judgement asks for has to be booked: not if a check after a move
   * brings somebody to the plant by then anyway.
   */
  public static boolean leavesRoomFor(Check judged, Optional<Check> aftercare) {
    return aftercare.isEmpty()
        || (judged.purpose() != Purpose.FIRST_LOOK
            && judged.window().best().isBefore(aftercare.get().window().best()));
  }

  private static Optional<Check> again(
      Purpose purpose, LocalDate today, Figure inDays, Figures figures) {
    int days = figures.count(inDays);
    return Optional.of(
        new Check(
            purpose,
            new Window(
                today.plusDays(Math.max(1, days - 2)),
                today.plusDays(days),
                today.plusDays(days + 3L))));
  }

  private static Check check(
      Purpose purpose, LocalDate potted, Figure early, Figure late, Figures figures) {
    return new Check(
        purpose,
        Window.between(
            potted.plusDays(figures.count(early)), potted.plusDays(figures.count(late))));
  }
}
