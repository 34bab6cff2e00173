package almanac.core.checks.diary;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.history.Treatment;
import almanac.core.treatments.Beside;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import almanac.core.treatments.Treated;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

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

  /**
   * Whose looks begin again by what was found: those that stand beside a treated plant on which it
   * was found again.
   *
   * @param told what happens to plants, by their ids
   * @param all every plant, as it stands before that
   */
  public static Map<Long, Happening.Beside> begunAgain(
      Map<Long, List<Happening>> told, List<Plant> all) {
    var found = new HashMap<UUID, LocalDate>();
    for (var plant : all) {
      var runs = plant.card().inHand().treatment();
      if (runs != null) {
        told.getOrDefault(plant.id(), List.of()).stream()
            .flatMap(happening -> foundOn(runs.course(), happening).stream())
            .filter(day -> day.isAfter(runs.since()))
            .max(LocalDate::compareTo)
            .ifPresent(day -> found.merge(runs.course().uid(), day, Courses::later));
      }
    }
    var again = new HashMap<Long, Happening.Beside>();
    for (var plant : all) {
      var beside = plant.card().inHand().beside();
      if (beside != null && found.containsKey(beside.course().uid())) {
        var day = found.get(beside.course().uid());
        if (day.isAfter(beside.since())) {
          again.put(plant.id(), new Happening.Beside(beside.course(), day));
        }
      }
    }
    return again;
  }

  private static Optional<LocalDate> foundOn(Course course, Happening happening) {
    return happening instanceof Happening.Inspected inspected
            && course.foe().clean(inspected.inspection()).filter(clean -> !clean).isPresent()
        ? Optional.of(inspected.inspection().on())
        : Optional.empty();
  }

  private static LocalDate later(LocalDate one, LocalDate other) {
    return one.isAfter(other) ? one : other;
  }

  /** Whether a plant was kept apart for its course, and goes back with its end. */
  public static boolean freedWith(Plant plant) {
    var runs = plant.card().inHand().treatment();
    return runs != null && runs.since().equals(plant.card().inHand().apartSince());
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
