package almanac.core.taught;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import almanac.core.history.PlantStatus;
import almanac.core.taught.Afterwards.Since;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Works out what came of a move from what was seen after it. Rules: What came of it. */
public final class Outcomes {
  private final MoveMade move;
  private final After after;
  private final LocalDate today;
  private final Figures figures;
  private final List<Sign> signs;
  private final Optional<Since> tips;
  private final Optional<Since> holds;

  private Outcomes(MoveMade move, After after, LocalDate today, Figures figures) {
    this.move = move;
    this.after = after;
    this.today = today;
    this.figures = figures;
    this.signs = Signs.of(move, after, figures);
    this.tips = since(Sign.Of.TIPS, Sign.Of.NO_TIPS);
    this.holds = since(Sign.Of.HOLDS, Sign.Of.LOOSE).or(this::goesOn);
  }

  /** What came of it, as far as that can be told on a day. */
  public static Afterwards of(MoveMade move, After after, LocalDate today, Figures figures) {
    return new Outcomes(move, after, today, figures).told();
  }

  private Afterwards told() {
    var outcome = outcome();
    return new Afterwards(
        outcome,
        tips,
        holds,
        signs,
        restsOn(outcome),
        saw(Sign.Of.SMALLER).findAny().isPresent(),
        false);
  }

  private Outcome outcome() {
    var end = after.end().filter(gone -> day(gone.on()) <= count(TaughtFigures.OF_THE_MOVE));
    if (end.filter(gone -> gone.status() == PlantStatus.LOST).isPresent()) {
      return saw(Sign.Of.OF_ITS_OWN).findAny().isPresent() ? Outcome.LEFT : Outcome.LOST;
    }
    if (move.leadBroken() || saw(Sign.Of.SET_BACK).findAny().isPresent() || staysWorse()) {
      return Outcome.SET_BACK;
    }
    if (holds.isPresent()) {
      return day(holds.get().after()) >= count(TaughtFigures.SLOW_FROM)
          ? Outcome.SLOW
          : Outcome.RE_ESTABLISHED;
    }
    if (end.isPresent() || movedAgain()) {
      return Outcome.LEFT;
    }
    if (day(today) <= count(TaughtFigures.OF_THE_MOVE)) {
      return Outcome.TOO_EARLY;
    }
    return lastOf(Sign.Of.LOOSE, Sign.Of.NO_TIPS, Sign.Of.TIPS)
            .filter(sign -> day(sign.on()) >= count(TaughtFigures.SLOW_FROM))
            .isPresent()
        ? Outcome.SLOW
        : Outcome.NOBODY_LOOKED;
  }

  /** Leaves may wrinkle for some weeks; what is still so at the last look after that is a loss. */
  private boolean staysWorse() {
    return lastOf(Sign.Of.WORSE, Sign.Of.SOUND)
        .filter(sign -> sign.of() == Sign.Of.WORSE)
        .filter(sign -> day(sign.on()) > count(TaughtFigures.WRINKLES))
        .isPresent();
  }

  private boolean movedAgain() {
    return after
        .movedAgain()
        .filter(next -> day(next) <= count(TaughtFigures.OF_THE_MOVE))
        .isPresent();
  }

  /** New tips, and then firm leaves or a growth that goes on, when it should have taken hold. */
  private Optional<Since> goesOn() {
    if (saw(Sign.Of.LOOSE).anyMatch(sign -> day(sign.on()) >= count(TaughtFigures.HOLDS_FROM))) {
      return Optional.empty();
    }
    return tips.flatMap(
        came ->
            saw(Sign.Of.SOUND, Sign.Of.GOES_ON)
                .filter(sign -> day(sign.on()) >= count(TaughtFigures.SLOW_FROM))
                .filter(sign -> !sign.on().isBefore(came.by()))
                .findFirst()
                .map(
                    sign ->
                        new Since(
                            sign.on().isAfter(came.by()) ? came.by() : came.after(), sign.on())));
  }

  /**
   * From the first look that saw it for good back to the last one before that did not. What was
   * seen on a day counts, whatever else was noted on it; tips that came do not go again.
   */
  private Optional<Since> since(Sign.Of so, Sign.Of not) {
    LocalDate lastNot = move.on();
    Optional<Since> since = Optional.empty();
    for (var sign : saw(so, not).toList()) {
      boolean seen = saw(so).anyMatch(other -> other.on().equals(sign.on()));
      if (seen && since.isEmpty()) {
        since = Optional.of(new Since(lastNot, sign.on()));
      } else if (!seen) {
        lastNot = sign.on();
        since = so == Sign.Of.TIPS ? since : Optional.empty();
      }
    }
    return since;
  }

  private List<Sign> restsOn(Outcome outcome) {
    var which =
        switch (outcome) {
          case RE_ESTABLISHED ->
              Set.of(Sign.Of.TIPS, Sign.Of.HOLDS, Sign.Of.SOUND, Sign.Of.GOES_ON);
          case SLOW -> Set.of(Sign.Of.NO_TIPS, Sign.Of.LOOSE, Sign.Of.TIPS, Sign.Of.HOLDS);
          case SET_BACK -> Set.of(Sign.Of.SET_BACK, Sign.Of.WORSE);
          case LEFT -> Set.of(Sign.Of.OF_ITS_OWN);
          case LOST, TOO_EARLY, NOBODY_LOOKED -> Set.<Sign.Of>of();
        };
    return signs.stream()
        .filter(sign -> which.contains(sign.of()))
        .collect(
            Collectors.toMap(
                sign -> List.of(sign.on(), sign.words()),
                sign -> sign,
                (first, again) -> first,
                LinkedHashMap::new))
        .values()
        .stream()
        .toList();
  }

  private Stream<Sign> saw(Sign.Of... of) {
    return signs.stream().filter(sign -> Arrays.asList(of).contains(sign.of()));
  }

  private Optional<Sign> lastOf(Sign.Of... of) {
    return saw(of).reduce((former, latter) -> latter);
  }

  private long day(LocalDate on) {
    return ChronoUnit.DAYS.between(move.on(), on);
  }

  private int count(Figure figure) {
    return figures.count(figure);
  }
}
