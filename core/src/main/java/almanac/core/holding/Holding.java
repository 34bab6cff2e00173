package almanac.core.holding;

import static almanac.core.words.Sentence.say;

import almanac.core.checks.Check;
import almanac.core.checks.Purpose;
import almanac.core.checks.Window;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How a plant is held in the pot it came in. Rules: Holding and keeping apart.
 *
 * @param soaks every soak test since it has been held, oldest first
 * @param feedTo pH to make every feed and flush up to; absent while it is fed as usual
 * @param flush whether to flush at each watering
 * @param repotAtNubs whether it falls although it is flushed, so that a move is booked
 * @param next the days for the next soak
 * @param advice all that in a sentence
 */
public record Holding(
    List<Soak> soaks,
    OptionalDouble feedTo,
    boolean flush,
    boolean repotAtNubs,
    Window next,
    Sentence advice) {

  /**
   * @param inspections of its life, oldest first
   * @param since the day since which it is held
   */
  public static Holding of(List<Inspection> inspections, LocalDate since, Figures figures) {
    var soaks = soaks(inspections, since);
    if (soaks.isEmpty()) {
      return new Holding(
          soaks,
          OptionalDouble.empty(),
          false,
          false,
          new Window(since, since, since.plusDays(figures.count(HoldingFigures.SOAK_SLACK))),
          say("Soak it for an hour in plain water and read what comes back."));
    }
    var last = soaks.get(soaks.size() - 1);
    double out = last.out();
    if (out >= figures.of(HoldingFigures.AS_USUAL_FROM)) {
      return new Holding(
          soaks,
          OptionalDouble.empty(),
          false,
          false,
          again(last, HoldingFigures.AGAIN, figures),
          say("Soak water {}: feed as usual, and flush so that it does not go stagnant.", ph(out)));
    }
    if (out >= figures.of(HoldingFigures.RAISED_FROM)) {
      double to = figures.of(HoldingFigures.FEED_RAISED);
      return new Holding(
          soaks,
          OptionalDouble.of(to),
          false,
          false,
          again(last, HoldingFigures.AGAIN, figures),
          say(
              "Soak water {}: make every feed and flush up to between {} and {}.",
              ph(out),
              ph(to),
              Measure.COUNT.of(figures.of(HoldingFigures.FEED_HIGH))));
    }
    return sour(soaks, last, figures);
  }

  private static Holding sour(List<Soak> soaks, Soak last, Figures figures) {
    double to = figures.of(HoldingFigures.FEED_HIGH);
    boolean falls =
        soaks.size() > 1
            && soaks.get(soaks.size() - 2).out() - last.out()
                >= figures.of(HoldingFigures.STILL_FALLS);
    return new Holding(
        soaks,
        OptionalDouble.of(to),
        true,
        falls,
        again(last, HoldingFigures.AGAIN_SOUR, figures),
        falls
            ? say(
                "Soak water {} and still falling: flush at each watering, and repot at the next nubs.",
                ph(last.out()))
            : say(
                "Soak water {}: make every feed up to {}, flush at each watering.",
                ph(last.out()),
                ph(to)));
  }

  private static Window again(Soak last, Figure days, Figures figures) {
    var best = last.on().plusDays(figures.count(days));
    int slack = figures.count(HoldingFigures.SOAK_SLACK);
    return new Window(best.minusDays(slack), best, best.plusDays(slack));
  }

  /** The day of the last soak, if there was one. */
  public Optional<LocalDate> last() {
    return soaks.isEmpty() ? Optional.empty() : Optional.of(soaks.get(soaks.size() - 1).on());
  }

  /** The next soak as a check. */
  public Check check() {
    return new Check(Purpose.SOAK, next);
  }

  private static List<Soak> soaks(List<Inspection> inspections, LocalDate since) {
    var soaks = new ArrayList<Soak>();
    for (var inspection : inspections) {
      if (!inspection.on().isBefore(since)) {
        inspection
            .look(Items.SOAK_PH)
            .measured()
            .ifPresent(
                out ->
                    soaks.add(
                        new Soak(inspection.on(), inspection.look(Items.SOAK_IN).measured(), out)));
      }
    }
    return List.copyOf(soaks);
  }

  private static Sentence.Quantity ph(double value) {
    return Measure.PH.of(value);
  }
}
