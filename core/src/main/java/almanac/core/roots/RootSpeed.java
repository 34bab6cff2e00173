package almanac.core.roots;

import almanac.core.figures.Figures;
import almanac.core.season.GrowthPace;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * How fast roots lengthen in warm and light weeks, as far as it is known. Rules: Root stages.
 *
 * @param log natural logarithm of the likely speed in mm a week
 * @param spread its standard deviation: 0.3 is nearly a third faster or slower
 */
public record RootSpeed(double log, double spread) {
  /** What a plant did longer ago says little of what it does now. */
  private static final int FORMER_FLUSHES = 3;

  /** The speed of a kind, for a plant of which nothing is known. */
  public static RootSpeed ofKind(double mmAWeek, Figures figures) {
    return new RootSpeed(Math.log(mmAWeek), figures.of(RootFigures.SPEED_SPREAD) / 100);
  }

  /** The likely speed, mm a week. */
  public double mmAWeek() {
    return Math.exp(log);
  }

  /**
   * The kind's speed as the collector's own plants of it show it: where there are enough, they move
   * it the further the more they are; a plant may still differ from them as much as before.
   *
   * @param plants what each plant's own measurements say, see {@link #saidBy}
   */
  public RootSpeed shiftedBy(List<RootSpeed> plants, Figures figures) {
    return plants.size() < figures.count(RootFigures.ENOUGH_PLANTS)
        ? this
        : new RootSpeed(here(plants, figures).log, spread);
  }

  /**
   * The speed of the kind, which this is, at the collector's house, and how sure that is.
   *
   * @param plants what each plant's own measurements say, see {@link #saidBy}
   * @return with the spread of what is known of it; a single plant differs more
   */
  public RootSpeed here(Collection<RootSpeed> plants, Figures figures) {
    double weight = 1 / square(figures.of(RootFigures.KIND_SPREAD) / 100);
    double sum = weight * log;
    for (var plant : plants) {
      double counts = 1 / (square(plant.spread) + square(spread));
      weight += counts;
      sum += counts * plant.log;
    }
    return new RootSpeed(sum / weight, Math.sqrt(1 / weight));
  }

  /**
   * Sharpened by an earlier flush of the same plant, which may have been a little faster or slower.
   *
   * @param flush what its measurements say
   */
  RootSpeed sharpenedBy(RootSpeed flush, Figures figures) {
    double between = square(figures.of(RootFigures.FLUSH_SPREAD) / 100);
    double ofThePlant = Math.max(square(spread) - between, square(spread) / 4);
    double counts = 1 / (square(flush.spread) + between);
    double weight = 1 / ofThePlant + counts;
    return new RootSpeed(
        (log / ofThePlant + counts * flush.log) / weight, Math.sqrt(1 / weight + between));
  }

  /**
   * What the flushes of several leads of one plant say of the speed of its kind, which this is;
   * nothing where none was measured twice.
   *
   * @param leads the looks at each, oldest first
   */
  public Optional<RootSpeed> measured(
      List<List<RootLook>> leads, GrowthPace pace, Figures figures) {
    var speed = this;
    for (var looks : leads) {
      var flushes = Flushes.of(looks, figures);
      speed = speed.after(flushes.former(), pace, figures);
      speed = speed.after(List.of(flushes.present()), pace, figures);
    }
    return speed.saidBy(this);
  }

  /** Sharpened by the last of them that were measured twice; what was only seen says too little. */
  RootSpeed after(List<List<RootReading>> flushes, GrowthPace pace, Figures figures) {
    var speed = this;
    var measured =
        flushes.stream()
            .filter(flush -> flush.stream().filter(RootReading::measured).count() > 1)
            .toList();
    int from = Math.max(0, measured.size() - FORMER_FLUSHES);
    for (var flush : measured.subList(from, measured.size())) {
      var before = speed;
      speed =
          Estimate.of(flush, before, pace, figures)
              .speed()
              .saidBy(before)
              .map(said -> before.sharpenedBy(said, figures))
              .orElse(before);
    }
    return speed;
  }

  /** What measurements alone say that made this of what was thought before; nothing if nothing. */
  Optional<RootSpeed> saidBy(RootSpeed thoughtBefore) {
    double before = 1 / square(thoughtBefore.spread);
    double gained = 1 / square(spread) - before;
    if (gained < before / 1000) {
      return Optional.empty();
    }
    double said = (log * (gained + before) - thoughtBefore.log * before) / gained;
    return Optional.of(new RootSpeed(said, 1 / Math.sqrt(gained)));
  }

  private static double square(double value) {
    return value * value;
  }
}
