package almanac.app.errands.bench;

import almanac.app.record.collection.PlantInPlace;
import almanac.core.bench.Work;
import almanac.core.figures.Figures;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.pot.Ball;
import almanac.core.pot.FillFigures;
import almanac.core.pot.Filling;
import almanac.core.pot.Grade;
import almanac.core.pot.Portions;
import almanac.core.pot.Pot;
import almanac.core.pot.PotMove;
import almanac.core.pot.Seats;
import almanac.core.refusals.Refused;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.stock.StockNeed;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;

/** What a job takes from the stock. */
final class Needed {
  private Needed() {}

  /** Pots that were chosen there, and the mix for every pot that was measured. */
  static StockNeed of(Job job, PlantInPlace plant, Work work, Parting parting, Figures figures) {
    var chosen = new ArrayList<UUID>();
    Optional.ofNullable(job.told().potItem()).ifPresent(chosen::add);
    // A piece of which nothing is said goes into such a pot as the plant itself.
    parting.daughters().stream()
        .map(piece -> piece.pot().isPresent() ? piece.potItem() : job.told().potItem())
        .filter(Objects::nonNull)
        .forEach(chosen::add);
    Map<Component, Double> loose = new HashMap<>();
    for (var filling : fillings(job, plant, work, parting, figures)) {
      Portions.of(Jobs.mix(job, plant), filling.mixMl())
          .forEach((component, ml) -> loose.merge(component, ml, Double::sum));
    }
    loose.remove(Component.UNKNOWN);
    loose.remove(Component.MOUNT);
    return new StockNeed(
        lacking(job, plant, work, parting, figures),
        chosen,
        loose,
        Optional.of(Grade.of(plant.follows().of(Trait.ROOTS))));
  }

  /** The pots that nobody has chosen yet: for a ball that goes into a wider one, and for pieces. */
  private static List<Pot> lacking(
      Job job, PlantInPlace plant, Work work, Parting parting, Figures figures) {
    if (job.told().pot() != null) {
      return List.of();
    }
    var pots = new ArrayList<Pot>();
    var old = Jobs.pot(plant);
    if (work.ball() == Ball.WHOLE && old.diameterMm() != null) {
      pots.add(wanted(old, parting.stays(), plant, OptionalDouble.of(old.diameterMm()), figures));
    }
    parting.daughters().stream()
        .filter(piece -> piece.pot().isEmpty())
        .map(piece -> parting.map().only(piece.piece().growths()))
        .map(map -> wanted(old, map, plant, OptionalDouble.empty(), figures))
        .forEach(pots::add);
    return pots;
  }

  private static Pot wanted(
      Pot old, RhizomeMap map, PlantInPlace plant, OptionalDouble oldMm, Figures figures) {
    var move =
        new PotMove(
            oldMm,
            OptionalDouble.empty(),
            oldMm.isPresent(),
            false,
            false,
            false,
            plant.follows().of(Trait.LIGHT_ON_ROOTS));
    double across = new Seats(map.outline(plant.follows(), figures), move, figures).wantedMm();
    return new Pot(old.type(), across, null, "");
  }

  /** What goes into each pot of the job that was measured and holds its ball. */
  static List<Filling> fillings(
      Job job, PlantInPlace plant, Work work, Parting parting, Figures figures) {
    var itself = Stream.of(Jobs.potFor(job, plant));
    var theirs =
        parting.daughters().stream()
            .map(piece -> piece.pot().orElseGet(() -> Jobs.potFor(job, plant)));
    double ball = ball(plant, work, parting, figures);
    return Stream.concat(itself, theirs)
        .filter(pot -> pot.diameterMm() != null && pot.depthMm() != null)
        .filter(
            pot -> Filling.holds(pot, ball, bottom(job, figures), top(job, pot, figures), figures))
        .map(pot -> Filling.of(pot, ball, bottom(job, figures), top(job, pot, figures), figures))
        .toList();
  }

  /**
   * @throws Refused if the pot that was chosen is smaller than the ball, or its layers leave no
   *     room
   */
  static void refuseTooSmall(
      Job job, PlantInPlace plant, Work work, Parting parting, Figures figures) {
    var pot = Jobs.potFor(job, plant);
    if (job.told().pot() != null && pot.diameterMm() != null && pot.depthMm() != null) {
      double ball = ball(plant, work, parting, figures);
      Filling.of(pot, ball, bottom(job, figures), top(job, pot, figures), figures);
    }
  }

  private static double ball(PlantInPlace plant, Work work, Parting parting, Figures figures) {
    return work.ball().ml(Jobs.pot(plant), figures) / (parting.daughters().size() + 1);
  }

  private static double bottom(Job job, Figures figures) {
    var told = job.told().filling().bottomMm();
    return told == null ? figures.of(FillFigures.BOTTOM_LAYER) : told;
  }

  private static double top(Job job, Pot pot, Figures figures) {
    var told = job.told().filling().topMm();
    if (told != null) {
      return told;
    }
    return pot.topLayer().isBlank() ? 0 : figures.of(FillFigures.TOP_LAYER);
  }
}
