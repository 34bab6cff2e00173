package almanac.core.year;

import almanac.core.inspection.Bloom;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;

/**
 * What was seen of a plant in its years here.
 *
 * @param flowers from the first look in flower to the last of each bloom
 * @param nubs the days on which nubs of a new flush were first seen
 * @param looks the days on which somebody looked
 */
public record PastYears(List<Span> flowers, List<LocalDate> nubs, List<LocalDate> looks) {
  /** Flowers that nobody saw for longer are others. */
  private static final int ONE_BLOOM_DAYS = 75;

  /** From a day to a day. */
  public record Span(LocalDate from, LocalDate until) {}

  /**
   * @param life inspections, oldest first
   */
  public static PastYears of(List<Inspection> life) {
    return new PastYears(
        flowers(life), nubs(life), life.stream().map(Inspection::on).distinct().toList());
  }

  private static List<Span> flowers(List<Inspection> life) {
    var flowers = new ArrayList<Span>();
    boolean goesOn = false;
    for (var inspection : life) {
      var bloom = inspection.look(Item.BLOOM);
      if (bloom.seen().isEmpty()) {
        continue;
      }
      boolean open = bloom.saw(Bloom.OPEN) || bloom.saw(Bloom.FADING);
      if (open) {
        var last = flowers.isEmpty() ? null : flowers.get(flowers.size() - 1);
        if (goesOn
            && last != null
            && ChronoUnit.DAYS.between(last.until(), inspection.on()) <= ONE_BLOOM_DAYS) {
          flowers.set(flowers.size() - 1, new Span(last.from(), inspection.on()));
        } else {
          flowers.add(new Span(inspection.on(), inspection.on()));
        }
      }
      goesOn = open;
    }
    return List.copyOf(flowers);
  }

  private static List<LocalDate> nubs(List<Inspection> life) {
    var nubs = new ArrayList<LocalDate>();
    for (var lead : Lead.values()) {
      boolean young = false;
      for (var inspection : life) {
        var stage = inspection.look(Item.NEW_ROOTS, lead).answer();
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
}
