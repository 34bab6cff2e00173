package almanac.app.start.demo;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Finding;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Stability;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;

/** Quiet years of one plant, as the seasons bring them: growths, roots, flowers. */
final class DemoYears {
  /** How far the newest growth is in each month, for plants that start in spring. */
  private static final GrowthStage[] BY_MONTH = {
    GrowthStage.RESTING,
    GrowthStage.RESTING,
    GrowthStage.EYE_SWELLING,
    GrowthStage.STARTING,
    GrowthStage.STARTING,
    GrowthStage.HALF_GROWN,
    GrowthStage.HALF_GROWN,
    GrowthStage.NEARLY_MATURE,
    GrowthStage.NEARLY_MATURE,
    GrowthStage.MATURE,
    GrowthStage.MATURE,
    GrowthStage.RESTING
  };

  private static final RootStage[] ROOTS = {
    RootStage.NONE,
    RootStage.NONE,
    RootStage.NONE,
    RootStage.NONE,
    RootStage.SWELLING,
    RootStage.NUB,
    RootStage.SHORT,
    RootStage.LONG,
    RootStage.ANCHORED,
    RootStage.ANCHORED,
    RootStage.ANCHORED,
    RootStage.NONE
  };

  /** The month in which each kind flowers, from 1; the rest in July. */
  private static final Map<String, Integer> FLOWERS =
      Map.ofEntries(
          Map.entry("phalaenopsis", 2),
          Map.entry("phalaenopsis-miniature", 3),
          Map.entry("cattleya-one-leaved", 9),
          Map.entry("cattleya-two-leaved", 6),
          Map.entry("encyclia", 6),
          Map.entry("oncidium", 10),
          Map.entry("miltoniopsis", 5),
          Map.entry("miltonia-brassia", 6),
          Map.entry("paphiopedilum", 1),
          Map.entry("phragmipedium", 5),
          Map.entry("dendrobium-evergreen", 3),
          Map.entry("dendrobium-deciduous", 4),
          Map.entry("coelogyne", 2),
          Map.entry("zygopetalum", 11),
          Map.entry("catasetum", 9),
          Map.entry("masdevallia", 4));

  private static final int JULY = 7;

  /** Where the sun leads, plants are moved from the end of March to the middle of May. */
  private static final MonthDay SPRING = MonthDay.of(Month.APRIL, 20);

  /** A plant that was moved later than that would still be told of as just moved. */
  private static final int LATELY = 40;

  private static final int DAYS_BETWEEN_LOOKS = 52;
  private static final double FIRST_SIZE_MM = 60;

  private final Kind kind;
  private final Random random;
  private final int bloomMonth;
  private double size;

  DemoYears(String label, Kind kind) {
    this.kind = kind;
    this.random = new Random(label.hashCode());
    int flowers = FLOWERS.getOrDefault(kind.key(), JULY) - 1;
    this.bloomMonth = Math.floorMod(flowers + random.nextInt(3) - 1, 12);
    this.size = FIRST_SIZE_MM + random.nextInt(60);
  }

  /** The spring nearest to a day; under lamps the day itself. */
  static LocalDate potted(LocalDate about, boolean lit, LocalDate today) {
    if (lit) {
      return about;
    }
    return Stream.of(about.getYear() - 1, about.getYear(), about.getYear() + 1)
        .map(SPRING::atYear)
        .map(day -> day.plusDays(about.getDayOfMonth() - 15L))
        .filter(day -> !day.isAfter(today.minusDays(LATELY)))
        .min(Comparator.comparingLong(day -> Math.abs(ChronoUnit.DAYS.between(day, about))))
        .orElse(about);
  }

  /** What was seen from a day on, and before another. */
  List<Inspection> looks(LocalDate from, LocalDate until) {
    var looks = new ArrayList<Inspection>();
    int year = from.getYear();
    for (var day = from.plusDays(10L + random.nextInt(30));
        day.isBefore(until);
        day = day.plusDays(DAYS_BETWEEN_LOOKS + random.nextInt(15))) {
      if (day.getYear() != year) {
        year = day.getYear();
        size *= 0.94 + random.nextDouble() * 0.16;
      }
      looks.add(look(day));
    }
    return looks;
  }

  /** What is seen on a day, by the season. */
  Inspection look(LocalDate day) {
    int month = day.getMonthValue() - 1;
    var look = Inspection.on(day);
    look = saw(look, Items.LEAVES, Leaves.FIRM);
    look = saw(look, Items.STABILITY, Stability.FIRM);
    look = saw(look, Items.PESTS, Pests.NONE);
    look = saw(look, Items.BLOOM, bloom(month));
    if (kind.of(Trait.HABIT) == Habit.SYMPODIAL) {
      look = saw(look, Items.GROWTH, BY_MONTH[month]);
      look = saw(look, Items.NEW_ROOTS, ROOTS[month]);
      double grown = month < 5 ? size * (0.2 + month * 0.1) : size;
      if (BY_MONTH[month] == GrowthStage.MATURE || BY_MONTH[month] == GrowthStage.NEARLY_MATURE) {
        look = measured(look, Items.NEWEST_SIZE, Math.rint(grown));
      }
    } else {
      look =
          saw(look, Items.NEW_ROOTS, month > 3 && month < 9 ? RootStage.MID : RootStage.ANCHORED);
      look = measured(look, Items.NEWEST_SIZE, Math.rint(size));
    }
    if (random.nextInt(3) == 0) {
      look = measured(look, Items.DAYS_TO_DRY, 6.0 + random.nextInt(3));
    }
    return look;
  }

  private Bloom bloom(int month) {
    int since = Math.floorMod(month - bloomMonth, 12);
    return switch (since) {
      case 10 -> Bloom.SPIKE;
      case 11 -> Bloom.BUDS;
      case 0, 1 -> Bloom.OPEN;
      case 2 -> Bloom.FADING;
      default -> Bloom.NONE;
    };
  }

  private static <A extends Enum<A> & Answer> Inspection saw(
      Inspection look, Item<A> item, A answer) {
    return look.with(item, item.saw(answer));
  }

  private static <A extends Enum<A> & Answer> Inspection measured(
      Inspection look, Item<A> item, double value) {
    Finding<A> found = item.found(List.of(), value, Figures.standard());
    return look.with(item, found);
  }
}
