package almanac.core.taught;

import almanac.core.figures.Figures;
import almanac.core.history.Outcome;
import almanac.core.judgement.figures.NeedFigures;
import java.time.Month;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/**
 * What a year brought of the whole collection. Rules: What it taught.
 *
 * @param moves the first one first
 * @param lost the first one first
 * @param flowers plants seen in flower, by month
 * @param flowersBefore the same of the year before
 * @param growths how the growths of that year stand to those of the year before
 * @param best the move that came out best for how it began; nothing where none took hold
 * @param worst the one that came out worst; nothing where none did
 */
public record InReview(
    int year,
    List<Made> moves,
    List<Lost> lost,
    Map<Month, Integer> flowers,
    Map<Month, Integer> flowersBefore,
    Growths growths,
    Count count,
    Optional<Made> best,
    Optional<Made> worst) {
  /**
   * A plant as its past tells it.
   *
   * @param id its number
   */
  public record OfPlant(long id, List<PlantInYear> years, List<MoveTold> moves) {
    private Optional<PlantInYear> in(int year) {
      return years.stream().filter(each -> each.year() == year).findFirst();
    }
  }

  /** A move of a plant. */
  public record Made(long plant, MoveTold told) {}

  /**
   * A plant that was lost.
   *
   * @param after the move before, if it was not long ago
   */
  public record Lost(long plant, PlantInYear.End end, Optional<MoveTold> after) {}

  /** How many growths came out larger, about equal and smaller than those of the year before. */
  public record Growths(int larger, int equal, int smaller) {}

  /**
   * How much there was of what can be counted.
   *
   * @param received plants that came from elsewhere
   * @param divided plants that came from others of the collection
   * @param given plants that went to somebody else
   * @param ml of medium, in the pots of which the size is known
   */
  public record Count(int received, int divided, int given, int minutes, int pots, double ml) {}

  /** Of that year; a year of which nothing is known is empty. */
  public static InReview of(int year, List<OfPlant> plants, Figures figures) {
    var moves =
        plants.stream()
            .flatMap(plant -> plant.moves().stream().map(told -> new Made(plant.id(), told)))
            .filter(made -> made.told().move().on().getYear() == year)
            .sorted(Comparator.comparing(made -> made.told().move().on()))
            .toList();
    return new InReview(
        year,
        moves,
        lost(year, plants, figures),
        flowers(year, plants),
        flowers(year - 1, plants),
        growths(year, plants, figures),
        count(year, plants),
        best(moves),
        worst(moves));
  }

  /** The years of which something is known, the newest first. */
  public static List<Integer> years(List<OfPlant> plants) {
    return plants.stream()
        .flatMap(plant -> plant.years().stream())
        .map(PlantInYear::year)
        .distinct()
        .sorted(Comparator.reverseOrder())
        .toList();
  }

  /** How many moves came to what. */
  public Map<Outcome, Integer> outcomes() {
    var counted = new EnumMap<Outcome, Integer>(Outcome.class);
    moves.forEach(made -> counted.merge(outcome(made), 1, Integer::sum));
    return counted;
  }

  private static Outcome outcome(Made made) {
    return made.told().afterwards().outcome();
  }

  private static List<Lost> lost(int year, List<OfPlant> plants, Figures figures) {
    var lost = new ArrayList<Lost>();
    for (var plant : plants) {
      plant
          .in(year)
          .filter(PlantInYear::lost)
          .flatMap(PlantInYear::end)
          .ifPresent(end -> lost.add(new Lost(plant.id(), end, before(plant, end, figures))));
    }
    lost.sort(Comparator.comparing(each -> each.end().on()));
    return lost;
  }

  private static Optional<MoveTold> before(OfPlant plant, PlantInYear.End end, Figures figures) {
    return plant.moves().stream()
        .filter(told -> !told.move().on().isAfter(end.on()))
        .filter(
            told ->
                ChronoUnit.DAYS.between(told.move().on(), end.on())
                    <= figures.count(TaughtFigures.OF_THE_MOVE))
        .max(Comparator.comparing(told -> told.move().on()));
  }

  private static Map<Month, Integer> flowers(int year, List<OfPlant> plants) {
    var months = new EnumMap<Month, Integer>(Month.class);
    in(year, plants)
        .flatMap(each -> each.flowers().stream())
        .forEach(month -> months.merge(month, 1, Integer::sum));
    return months;
  }

  private static Stream<PlantInYear> in(int year, List<OfPlant> plants) {
    return plants.stream().flatMap(plant -> plant.in(year).stream());
  }

  /** A growth is smaller, or the one before it was, by the same share as at a look. */
  private static Growths growths(int year, List<OfPlant> plants, Figures figures) {
    double smaller = figures.of(NeedFigures.SMALLER_RATIO) / 100;
    int larger = 0;
    int equal = 0;
    int less = 0;
    for (var plant : plants) {
      double now = size(plant, year);
      double before = size(plant, year - 1);
      if (now == 0 || before == 0) {
        continue;
      }
      if (before < smaller * now) {
        larger++;
      } else if (now < smaller * before) {
        less++;
      } else {
        equal++;
      }
    }
    return new Growths(larger, equal, less);
  }

  /** The largest growth measured in that year; 0 where none was. */
  private static double size(OfPlant plant, int year) {
    return plant.in(year).map(each -> each.size().orElse(0)).orElse(0.0);
  }

  private static Count count(int year, List<OfPlant> plants) {
    var there = in(year, plants).toList();
    return new Count(
        sum(there, each -> came(each, PlantInYear.Coming.RECEIVED)),
        sum(there, each -> came(each, PlantInYear.Coming.DIVIDED)),
        sum(there, each -> each.given() ? 1 : 0),
        sum(there, PlantInYear::minutes),
        sum(there, PlantInYear::pots),
        there.stream().mapToDouble(PlantInYear::ml).sum());
  }

  private static int came(PlantInYear each, PlantInYear.Coming how) {
    return each.came().filter(how::equals).isPresent() ? 1 : 0;
  }

  private static int sum(List<PlantInYear> there, ToIntFunction<PlantInYear> of) {
    return there.stream().mapToInt(of).sum();
  }

  /** What was cut clean first, then what its slip had asked for, and of those what held first. */
  private static Optional<Made> best(List<Made> moves) {
    return moves.stream()
        .filter(made -> outcome(made) == Outcome.RE_ESTABLISHED)
        .min(
            Comparator.comparing((Made made) -> made.told().move().sort() != MoveMade.Sort.RESCUE)
                .thenComparing(made -> !asked(made))
                .thenComparing(InReview::heldAfter));
  }

  private static long heldAfter(Made made) {
    return made.told()
        .afterwards()
        .holds()
        .map(held -> ChronoUnit.DAYS.between(made.told().move().on(), held.by()))
        .orElse(Long.MAX_VALUE);
  }

  /** What was lost before what was set back, and of those what its slip had not asked for. */
  private static Optional<Made> worst(List<Made> moves) {
    return moves.stream()
        .filter(made -> outcome(made) == Outcome.LOST || outcome(made) == Outcome.SET_BACK)
        .min(
            Comparator.comparing((Made made) -> outcome(made) != Outcome.LOST)
                .thenComparing(InReview::asked)
                .thenComparing(made -> made.told().move().on()));
  }

  private static boolean asked(Made made) {
    return made.told().move().before().slip().filter(SlipThen::askedForIt).isPresent();
  }
}
