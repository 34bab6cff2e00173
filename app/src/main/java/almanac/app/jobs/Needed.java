package almanac.app.jobs;

import almanac.app.collection.PlantInPlace;
import almanac.core.figures.Figures;
import almanac.core.filling.Ball;
import almanac.core.filling.FillFigures;
import almanac.core.filling.Filling;
import almanac.core.filling.Grade;
import almanac.core.filling.Portions;
import almanac.core.jobs.Work;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.pots.Pot;
import almanac.core.refusals.Refused;
import almanac.core.stock.Need;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/** What a job takes from the stock. */
final class Needed {
  private Needed() {}

  /** Pots that were chosen there, and the mix for every pot that was measured. */
  static Need of(Job job, PlantInPlace plant, Work work, Parting parting, Figures figures) {
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
    return new Need(
        List.of(), chosen, loose, Optional.of(Grade.of(plant.follows().of(Trait.ROOTS))));
  }

  /**
   * What goes into each pot of the job that was measured.
   *
   * @throws Refused if the pot that was told does not hold the ball
   */
  static List<Filling> fillings(
      Job job, PlantInPlace plant, Work work, Parting parting, Figures figures) {
    var daughters = parting.daughters();
    double ball = work.ball().ml(Jobs.pot(plant), figures) / (daughters.size() + 1);
    // A ball that stays whole does not go into its own pot again, with layers under and over it.
    var itself =
        job.told().pot() == null && work.ball() == Ball.WHOLE
            ? Stream.<Pot>empty()
            : Stream.of(Jobs.potFor(job, plant));
    var theirs =
        daughters.stream().map(piece -> piece.pot().orElseGet(() -> Jobs.potFor(job, plant)));
    return Stream.concat(itself, theirs)
        .filter(pot -> pot.diameterMm() != null && pot.depthMm() != null)
        .map(pot -> filling(pot, ball, job.told().filling(), figures))
        .toList();
  }

  private static Filling filling(Pot pot, double ball, JobTold.FillEntry fill, Figures figures) {
    double bottom =
        fill.bottomMm() == null ? figures.of(FillFigures.BOTTOM_LAYER) : fill.bottomMm();
    double usual = pot.topLayer().isBlank() ? 0 : figures.of(FillFigures.TOP_LAYER);
    return Filling.of(pot, ball, bottom, fill.topMm() == null ? usual : fill.topMm(), figures);
  }
}
