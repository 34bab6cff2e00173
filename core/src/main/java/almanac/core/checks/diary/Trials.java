package almanac.core.checks.diary;

import static almanac.core.words.Sentence.say;

import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import almanac.core.trials.TrialFigures;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How far trials are on a plant, and when it is looked at for them. Rules: Trials. */
public final class Trials {
  private Trials() {}

  /**
   * The day on which a plant fell out of a trial: of a move that the trial did not begin with, to
   * another place where a place is tried, or of its end; nothing while it stands in it.
   */
  public static Optional<LocalDate> leftOn(Plant plant, Trial trial, Figures figures) {
    var begunWith = begunWith(trial, figures);
    var moved =
        trial.tried() == Tried.PLACE ? placed(plant, begunWith) : Optional.<LocalDate>empty();
    var gone = plant.here() ? Optional.<LocalDate>empty() : goneOn(plant);
    return Stream.of(potted(plant, begunWith), moved, gone)
        .flatMap(Optional::stream)
        .min(Comparator.naturalOrder());
  }

  /** The last day on which a move belongs to the beginning of a trial. */
  private static LocalDate begunWith(Trial trial, Figures figures) {
    return trial.since().plusDays(figures.count(TrialFigures.OF_THE_START));
  }

  private static Optional<LocalDate> potted(Plant plant, LocalDate begunWith) {
    return plant.journal().holding().stream()
        .map(Line::happening)
        .filter(Happening.Potted.class::isInstance)
        .map(happening -> ((Happening.Potted) happening).on())
        .filter(day -> day.isAfter(begunWith))
        .min(Comparator.naturalOrder());
  }

  /** The first day in another place than that in which it stood when the trial had begun. */
  private static Optional<LocalDate> placed(Plant plant, LocalDate begunWith) {
    Long place = null;
    for (var line : plant.journal().holding()) {
      if (line.happening() instanceof Happening.Moved moved) {
        var on = line.act().on();
        if (place != null && moved.stand().place() != place && on.isAfter(begunWith)) {
          return Optional.of(on);
        }
        place = moved.stand().place();
      }
    }
    return Optional.empty();
  }

  /** The trials that a plant stands in. */
  public static List<OnTrial> of(Plant plant, Figures figures) {
    return plant.card().inHand().trials().stream()
        .filter(each -> leftOn(plant, each.trial(), figures).isEmpty())
        .toList();
  }

  /** Those of them that a move on a day would end for it. */
  public static List<OnTrial> endedByMove(Plant plant, LocalDate day, Figures figures) {
    return of(plant, figures).stream()
        .filter(each -> day.isAfter(begunWith(each.trial(), figures)))
        .toList();
  }

  private static Optional<LocalDate> goneOn(Plant plant) {
    return plant.journal().holding().stream()
        .filter(line -> line.happening() instanceof Happening.Became)
        .map(line -> line.act().on())
        .reduce((former, latter) -> latter);
  }

  /** The look that a trial asks for next, of all that a plant stands in. */
  static Optional<OpenCheck> look(Plant plant, Figures figures) {
    return of(plant, figures).stream()
        .flatMap(each -> next(plant, each, figures).stream())
        .min(Comparator.comparing(open -> open.check().window().best()));
  }

  private static Optional<OpenCheck> next(Plant plant, OnTrial its, Figures figures) {
    var trial = its.trial();
    int slack = figures.count(TrialFigures.LOOK_SLACK);
    var last =
        plant.history().life().stream()
            .filter(seen -> tells(seen, trial))
            .map(Inspection::on)
            .filter(day -> !day.isBefore(trial.since()))
            .max(Comparator.naturalOrder())
            .orElse(trial.since());
    if (!last.plusDays(slack).isBefore(trial.judgeOn())) {
      return Optional.empty();
    }
    var then = last.plusDays(figures.count(TrialFigures.LOOK_EVERY));
    var day = then.isAfter(trial.judgeOn()) ? trial.judgeOn() : then;
    return Optional.of(OpenCheck.since(last, check(trial, Window.around(day, slack))));
  }

  private static boolean tells(Inspection seen, Trial trial) {
    return seen.findings().keySet().stream().anyMatch(spot -> trial.looks().contains(spot.item()));
  }

  private static Check check(Trial trial, Window window) {
    var looks = trial.looks().stream().map(Item::title).collect(Collectors.joining(", "));
    return new Check(Purpose.TRIAL, window, Optional.of(say("“{}”: {}", trial.name(), looks)));
  }
}
