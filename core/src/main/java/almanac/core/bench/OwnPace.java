package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.history.Potting;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * How fast this collector works: what the jobs of the past took, against what is usual. Rules: At
 * the bench.
 *
 * @param jobs how many of them say how long they took
 * @param times by how much the usual minutes are multiplied
 */
public record OwnPace(int jobs, double times) {
  /** As long as nobody has written how long anything took. */
  public static final OwnPace USUAL = new OwnPace(0, 1);

  /**
   * Whoever forgot to say that a job was over did not work for hours; nor was it done in a blink.
   */
  private static final double MOST_TIMES = 4;

  private static final Set<RootFate> HANDLED =
      Set.of(RootFate.TIP_BROKEN, RootFate.CUT_BACK, RootFate.SOFT, RootFate.HOLLOW);

  /** As the journals tell it. */
  public static OwnPace of(Collection<Plant> plants, Figures figures) {
    var took =
        plants.stream()
            .flatMap(plant -> took(plant, figures))
            .mapToDouble(Double::doubleValue)
            .toArray();
    double weight = figures.of(JobFigures.OWN_TIMES_WEIGHT);
    double sum = DoubleStream.of(took).sum();
    return took.length == 0
        ? USUAL
        : new OwnPace(took.length, (weight + sum) / (weight + took.length));
  }

  /** How many minutes the jobs of a day took, as far as that was said. */
  public static int minutesOn(Collection<Plant> plants, LocalDate day) {
    return plants.stream()
        .flatMap(plant -> plant.journal().holding().stream())
        .filter(line -> line.act().on().equals(day))
        .mapToInt(
            line -> line.happening() instanceof Happening.Worked worked ? worked.minutes() : 0)
        .sum();
  }

  /** So long a job takes here that usually takes so many minutes; to five minutes. */
  public int minutes(double usual) {
    return (int) Math.max(5, 5 * Math.round(usual * times / 5));
  }

  /** How much longer than usual each job of a plant took, 1 for as long. */
  public static Stream<Double> took(Plant plant, Figures figures) {
    var holding = plant.journal().holding();
    return holding.stream()
        .filter(line -> line.happening() instanceof Happening.Worked worked && worked.minutes() > 0)
        .map(line -> took(line, holding, figures))
        .flatMap(Optional::stream);
  }

  private static Optional<Double> took(Line worked, List<Line> holding, Figures figures) {
    var before =
        holding.subList(0, holding.indexOf(worked)).stream()
            .filter(line -> line.act().id() != worked.act().id())
            .map(Line::happening)
            .filter(Happening.Potted.class::isInstance)
            .map(Happening.Potted.class::cast)
            .reduce((former, latter) -> latter);
    var ofAct = holding.stream().filter(line -> line.act().id() == worked.act().id()).toList();
    var potted =
        ofAct.stream()
            .map(Line::happening)
            .filter(Happening.Potted.class::isInstance)
            .map(Happening.Potted.class::cast)
            .findFirst();
    if (before.isEmpty() || potted.isEmpty()) {
      return Optional.empty();
    }
    var told = (Happening.Worked) worked.happening();
    boolean divided =
        ofAct.stream().anyMatch(line -> line.happening() instanceof Happening.Divided);
    double usual =
        usual(before.get().potting(), potted.get().potting(), told.tally(), figures)
            + (divided ? figures.of(JobFigures.DIVIDE_MINUTES) : 0);
    return Optional.of(Math.max(1 / MOST_TIMES, Math.min(MOST_TIMES, told.minutes() / usual)));
  }

  /** Where the mix stayed the same and no root was harmed, the ball stayed whole. */
  private static double usual(Potting from, Potting to, RootTally tally, Figures figures) {
    if (from.mix().equals(to.mix())
        && tally.counts().keySet().stream().noneMatch(HANDLED::contains)) {
      return figures.of(JobFigures.MOVE_UP_MINUTES);
    }
    return figures.of(
        Work.mostlyBark(from.mix())
            ? JobFigures.BARK_REPOT_MINUTES
            : JobFigures.LOOSE_REPOT_MINUTES);
  }
}
