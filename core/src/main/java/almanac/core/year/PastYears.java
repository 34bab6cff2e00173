package almanac.core.year;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Plant;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.judgement.figures.JudgementFigures;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What was seen and done of a plant in its years here. Rules: The year.
 *
 * @param flowers from the first look in flower to the last of each bloom
 * @param rests from the first look that saw it resting to the last of each rest; two looks further
 *     apart than a plant at rest is left are of two
 * @param nubs the days on which nubs of a new flush were first seen
 * @param potted the days on which it was potted here
 * @param treated from the beginning of each course to its end, or to today
 * @param looks the days on which somebody looked
 */
public record PastYears(
    List<Span> flowers,
    List<Span> rests,
    List<LocalDate> nubs,
    List<LocalDate> potted,
    List<Span> treated,
    List<LocalDate> looks) {

  public static PastYears of(Plant plant, LocalDate today, Figures figures) {
    var life = plant.history().life();
    return new PastYears(
        Span.seen(life, PastYears::flowering, figures.count(YearFigures.ONE_BLOOM)),
        Span.seen(life, PastYears::resting, figures.count(JudgementFigures.LEAVE_RESTING)),
        nubs(life),
        potted(plant),
        treated(plant, today),
        life.stream().map(Inspection::on).distinct().toList());
  }

  private static Optional<Boolean> flowering(Inspection inspection) {
    var bloom = inspection.look(Items.BLOOM);
    return bloom.seen().map(seen -> bloom.saw(Bloom.OPEN) || bloom.saw(Bloom.FADING));
  }

  private static Optional<Boolean> resting(Inspection inspection) {
    var growth = inspection.look(Items.GROWTH);
    return growth.seen().map(seen -> growth.saw(GrowthStage.RESTING));
  }

  private static List<LocalDate> nubs(List<Inspection> life) {
    var nubs = new ArrayList<LocalDate>();
    for (var lead : Lead.values()) {
      boolean young = false;
      for (var inspection : life) {
        var stage = inspection.look(Items.NEW_ROOTS, lead).answer();
        if (stage.isEmpty()) {
          continue;
        }
        if (stage.get() == RootStage.NUB && !young) {
          nubs.add(inspection.on());
        }
        young = stage.get() == RootStage.NUB;
      }
    }
    return nubs.stream().distinct().sorted().toList();
  }

  private static List<LocalDate> potted(Plant plant) {
    return plant.journal().holding().stream()
        .filter(line -> line.happening() instanceof Happening.Potted)
        .filter(line -> !plant.journal().ofArrival(line))
        .map(line -> line.act().on())
        .toList();
  }

  private static List<Span> treated(Plant plant, LocalDate today) {
    var lines = plant.journal().holding();
    return lines.stream()
        .map(Line::happening)
        .filter(Happening.CourseBegun.class::isInstance)
        .map(Happening.CourseBegun.class::cast)
        .map(begun -> new Span(begun.since(), end(begun, lines).orElse(today)))
        .toList();
  }

  private static Optional<LocalDate> end(Happening.CourseBegun begun, List<Line> lines) {
    return lines.stream()
        .filter(
            line ->
                line.happening() instanceof Happening.CourseEnded ended
                    && ended.course().equals(begun.course().uid()))
        .map(line -> line.act().on())
        .max(LocalDate::compareTo);
  }
}
