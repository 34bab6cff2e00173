package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.medium.Band;
import almanac.core.medium.Component;
import almanac.core.medium.MediumClock;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A pot of which pieces were felt, against what the calendar said they would be. Rules: What it
 * taught.
 *
 * @param component the one that governs how long its mix lasts
 * @param moisture how wet it was kept
 * @param life between which lives that of the component lies in this pot
 */
public record PotFelt(Component component, Moisture moisture, LifeHere.Told life) {
  /**
   * The pots of a plant in which pieces were felt; those of which nobody knows since when they
   * stand tell nothing.
   *
   * @param whole the plant with all lines of its journal
   * @param means of its place by month
   */
  public static List<PotFelt> of(Plant whole, Temperatures means, Figures figures) {
    var potted =
        whole.journal().holding().stream()
            .flatMap(
                line ->
                    line.happening() instanceof Happening.Potted told
                        ? Stream.of(told.potting())
                        : Stream.empty())
            .filter(potting -> potting.pottedOn() instanceof PottedOn.Between)
            .sorted(Comparator.comparing(Potting::since))
            .toList();
    var felt = new ArrayList<PotFelt>();
    for (int i = 0; i < potted.size(); i++) {
      var until = i + 1 < potted.size() ? potted.get(i + 1).since() : LocalDate.MAX;
      var potting = potted.get(i);
      var looks =
          whole.history().life().stream()
              .filter(look -> look.on().isAfter(potting.since()) && look.on().isBefore(until))
              .toList();
      felt(potting, looks, means, figures).ifPresent(felt::add);
    }
    return felt;
  }

  private static Optional<PotFelt> felt(
      Potting potting, List<Inspection> looks, Temperatures means, Figures figures) {
    var governing = governing(potting.mix(), figures);
    if (governing.isEmpty()) {
      return Optional.empty();
    }
    var life = governing.get().life().orElseThrow();
    var clock =
        new MediumClock(
            potting.pottedOn(),
            potting.knownSince(),
            potting.mix(),
            potting.moisture(),
            means,
            Optional.empty(),
            figures.with(life, life.standard()));
    double least = 0;
    double most = Double.POSITIVE_INFINITY;
    for (var look : looks) {
      var piece = look.look(Items.MEDIUM_PIECE).answer();
      double used = piece.isEmpty() ? 0 : clock.usedOn(look.on(), List.of()).orElseThrow().likely();
      if (used > 0) {
        Band band = piece.orElseThrow().band(figures);
        double shortest = Double.isInfinite(band.most()) ? 0 : used / band.most();
        double longest = band.least() <= 0 ? Double.POSITIVE_INFINITY : used / band.least();
        boolean agrees = shortest < most && longest > least;
        // Of pieces that disagree the last one holds: what was felt first was another piece.
        least = agrees ? Math.max(least, shortest) : shortest;
        most = agrees ? Math.min(most, longest) : longest;
      }
    }
    return least <= 0 && Double.isInfinite(most)
        ? Optional.empty()
        : Optional.of(
            new PotFelt(governing.get(), potting.moisture(), new LifeHere.Told(least, most)));
  }

  /** The one component by which a mix is used up; nothing where several together do it. */
  static Optional<Component> governing(Mix mix, Figures figures) {
    double governs = figures.of(MediumFigures.GOVERNING_SHARE) / 100;
    return mix.parts().keySet().stream()
        .filter(component -> component.organic() && component != Component.UNKNOWN)
        .filter(component -> mix.share(component) >= governs)
        .min(Comparator.comparingDouble(each -> figures.of(each.life().orElseThrow())))
        .filter(
            component ->
                mix.useAMonth(figures) <= 1 / figures.of(component.life().orElseThrow()) + 1e-9);
  }
}
