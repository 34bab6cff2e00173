package almanac.core.checks.diary;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.history.Treatment;
import almanac.core.treatments.Beside;
import almanac.core.treatments.Foe;
import almanac.core.treatments.Treated;
import java.util.Optional;

/** How far courses are on plants, and which checks follow. Rules: Treatments. */
public final class Courses {
  private final Figures figures;

  public Courses(Figures figures) {
    this.figures = figures;
  }

  /** How far the course on a plant is, if one runs. */
  public Optional<Treated> treated(Plant plant) {
    return Optional.ofNullable(plant.card().inHand().treatment()).map(runs -> treated(plant, runs));
  }

  private Treated treated(Plant plant, Treatment runs) {
    var treatments =
        plant.journal().holding().stream()
            .map(Line::happening)
            .filter(Happening.Treated.class::isInstance)
            .map(Happening.Treated.class::cast)
            .filter(treated -> treated.course().equals(runs.course().uid()))
            .map(Happening.Treated::on)
            .sorted()
            .toList();
    return Treated.of(runs.course(), runs.since(), treatments, plant.history().life(), figures);
  }

  /** How a plant looks beside one under treatment, if it stands there. */
  public Optional<Beside> watched(Plant plant) {
    return Optional.ofNullable(plant.card().inHand().beside())
        .map(runs -> Beside.of(runs.course().foe(), runs.since(), plant.history().life(), figures));
  }

  /** Whether the looks between treatments are those for which it is kept apart. */
  static boolean lookForPests(Plant plant) {
    var runs = plant.card().inHand().treatment();
    return runs != null && runs.course().foe() == Foe.PESTS;
  }

  Optional<OpenCheck> treat(Plant plant) {
    return treated(plant)
        .flatMap(
            treated -> treated.treat().map(check -> OpenCheck.since(treated.countsFrom(), check)));
  }

  Optional<OpenCheck> underTreatment(Plant plant) {
    return treated(plant)
        .filter(treated -> !treated.over())
        .map(treated -> OpenCheck.since(treated.looked().lookedAt(), treated.look()));
  }

  Optional<OpenCheck> beside(Plant plant) {
    return watched(plant)
        .filter(beside -> !beside.over())
        .map(beside -> OpenCheck.since(beside.lookedAt(), beside.check()));
  }
}
