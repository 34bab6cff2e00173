package almanac.core.kinds;

import static almanac.core.kinds.Branching.NO;
import static almanac.core.kinds.Branching.SOME;
import static almanac.core.kinds.Branching.YES;
import static almanac.core.kinds.ReadyRule.ANY_TIME;
import static almanac.core.kinds.ReadyRule.INTACT_ONLY;
import static almanac.core.kinds.ReadyRule.LONG_FIRST;
import static almanac.core.kinds.ReadyRule.NUB_ONLY;
import static almanac.core.kinds.ReadyRule.NUB_OR_LONG;
import static almanac.core.kinds.ReadyRule.START_OF_GROWTH;
import static almanac.core.kinds.ReadyRule.TIPS_GROWING;
import static almanac.core.kinds.RootThickness.FINE;
import static almanac.core.kinds.RootThickness.MEDIUM;
import static almanac.core.kinds.RootThickness.THICK;
import static almanac.core.kinds.Warmth.COOL;
import static almanac.core.kinds.Warmth.INTERMEDIATE;
import static almanac.core.kinds.Warmth.WARM;
import static almanac.core.medium.Moisture.ALWAYS_WET;
import static almanac.core.medium.Moisture.DRIES_BETWEEN;
import static almanac.core.medium.Moisture.DRIES_RIGHT_OUT;
import static almanac.core.medium.Moisture.KEPT_MOIST;

import almanac.core.medium.Moisture;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The kinds of plants the program knows from the start. */
public final class StandardKinds {
  private static final List<Kind> STANDARD =
      List.of(
          upright("phalaenopsis", "Phalaenopsis, standard", THICK, YES)
              .water(DRIES_BETWEEN, "roots adapt and like light")
              .air(WARM, true)
              .done(),
          upright("phalaenopsis-miniature", "Phalaenopsis, miniature", MEDIUM, YES)
              .water(KEPT_MOIST, "small pots dry fast")
              .air(WARM, true)
              .done(),
          clump("cattleya-one-leaved", "Cattleya, one-leaved", THICK, SOME, ANY_TIME)
              .roots("when the bulb is nearly mature")
              .water(DRIES_RIGHT_OUT, "sour wet medium kills the thick roots first")
              .growth(3, 30, 1.5)
              .rests(Rest.DRIER)
              .done(),
          clump("cattleya-two-leaved", "Cattleya, two-leaved", THICK, SOME, LONG_FIRST)
              .roots("when the bulb is nearly mature, or after its rest")
              .water(DRIES_RIGHT_OUT, "moved too early it sulks for a year or more")
              .growth(3, 25, 1)
              .rests(Rest.DRIER)
              .done(),
          clump("encyclia", "Encyclia, Prosthechea", MEDIUM, SOME, NUB_ONLY)
              .roots("from the half-grown to the mature growth")
              .water(DRIES_BETWEEN, "dries quickly between waterings")
              .growth(3, 20, 1.5)
              .rests(Rest.DRIER)
              .done(),
          clump("oncidium", "Oncidium alliance", FINE, YES, NUB_OR_LONG)
              .roots("on the half-grown growth, or on the mature bulb")
              .water(KEPT_MOIST, "fine roots die when they dry out")
              .growth(3, 20, 1.5)
              .done(),
          clump("miltoniopsis", "Miltoniopsis", FINE, YES, NUB_OR_LONG)
              .roots("on the half-grown growth")
              .water(KEPT_MOIST, "humid; back bulbs rot if buried wet")
              .growth(3, 18, 2)
              .air(COOL, false)
              .done(),
          clump("miltonia-brassia", "Miltonia, Brassia and their crosses", FINE, YES, NUB_OR_LONG)
              .roots("on the half-grown growth")
              .water(KEPT_MOIST, "climbs out of the pot")
              .growth(3, 35, 2)
              .done(),
          clump("paphiopedilum", "Paphiopedilum", THICK, NO, NUB_ONLY)
              .roots("with each fan, one to four hairy roots")
              .water(KEPT_MOIST, "always moist, opaque pot, base covered")
              .growth(3, 12, 1)
              .slipper()
              .potted(BestPot.OPAQUE)
              .done(),
          clump("phragmipedium", "Phragmipedium", MEDIUM, NO, ANY_TIME)
              .roots("with each fan")
              .water(ALWAYS_WET, "stands in water")
              .growth(3, 15, 1.5)
              .slipper()
              .potted(BestPot.OPAQUE)
              .done(),
          clump("dendrobium-evergreen", "Dendrobium, evergreen", MEDIUM, YES, NUB_OR_LONG)
              .roots("on the half-grown cane")
              .water(DRIES_BETWEEN, "small pots")
              .growth(4, 15, 2)
              .air(WARM, true)
              .potted(BestPot.TALL)
              .done(),
          clump("dendrobium-deciduous", "Dendrobium, deciduous", FINE, YES, NUB_OR_LONG)
              .roots("on the half-grown cane")
              .water(DRIES_BETWEEN, "dry winter rest")
              .growth(4, 12, 2)
              .rests(Rest.ALMOST_DRY)
              .potted(BestPot.TALL)
              .done(),
          clump("coelogyne", "Coelogyne", FINE, YES, INTACT_ONLY)
              .roots("on the new growth")
              .water(KEPT_MOIST, "cool bright winter; sulks after root work")
              .growth(4, 25, 1.5)
              .air(COOL, false)
              .rests(Rest.COOL)
              .potted(BestPot.SQUAT)
              .done(),
          clump("zygopetalum", "Zygopetalum, Promenaea", MEDIUM, SOME, NUB_ONLY)
              .roots("on the half-grown growth")
              .water(KEPT_MOIST, "moving air")
              .growth(3, 20, 1.5)
              .done(),
          clump("psychopsis", "Psychopsis", FINE, SOME, NUB_ONLY)
              .roots("on the new bulb")
              .water(KEPT_MOIST, "resents disturbance")
              .growth(3, 15, 1)
              .air(WARM, false)
              .potted(BestPot.BASKET)
              .done(),
          clump("gongora-stanhopea", "Gongora, Stanhopea", FINE, YES, NUB_OR_LONG)
              .roots("on the half-grown growth")
              .water(KEPT_MOIST, "basket; spikes grow downwards")
              .growth(3, 20, 1.5)
              .potted(BestPot.BASKET)
              .done(),
          clump("catasetum", "Catasetum, Clowesia, Cycnoches", FINE, YES, START_OF_GROWTH)
              .roots("when the new growth is 50 to 80 mm high")
              .water(KEPT_MOIST, "dry rest, then wet; moved every year")
              .growth(2, 25, 1)
              .air(WARM, false)
              .rests(Rest.DRY)
              .potted(BestPot.BASKET)
              .done(),
          clump("sobralia", "Sobralia and other terrestrials", THICK, SOME, TIPS_GROWING)
              .roots("any time in growth")
              .water(KEPT_MOIST, "fleshy roots, bear a compact medium; half strength of anything")
              .growth(4, 20, 3)
              .terrestrial()
              .potted(BestPot.TALL)
              .done(),
          clump("bulbophyllum-maxillaria", "Bulbophyllum, Maxillaria", FINE, YES, NUB_OR_LONG)
              .roots("with each growth")
              .water(KEPT_MOIST, "creeping and shallow")
              .growth(4, 30, 2)
              .potted(BestPot.SQUAT)
              .done(),
          upright("vanda", "Vanda", THICK, YES)
              .water(DRIES_BETWEEN, "soaked daily, in a basket")
              .air(WARM, true)
              .potted(BestPot.BASKET)
              .done(),
          clump("masdevallia", "Masdevallia and small cool growers", FINE, YES, ANY_TIME)
              .roots("at any time")
              .water(KEPT_MOIST, "always moist and cool")
              .growth(4, 6, 3)
              .air(COOL, false)
              .done(),
          clump("other-sympodial", "Other sympodial", MEDIUM, SOME, NUB_ONLY)
              .roots("on the half-grown growth")
              .water(DRIES_BETWEEN, "the cautious choice where the kind is unknown")
              .growth(3, 20, 1.5)
              .done(),
          upright("other-monopodial", "Other monopodial", MEDIUM, SOME)
              .water(DRIES_BETWEEN, "the cautious choice where the kind is unknown")
              .air(INTERMEDIATE, true)
              .done());

  private static final Map<String, Kind> BY_KEY =
      STANDARD.stream().collect(Collectors.toMap(Kind::key, Function.identity()));

  private StandardKinds() {}

  /** All kinds, in the order in which a list shows them. */
  public static List<Kind> standard() {
    return STANDARD;
  }

  /** The kind of that key, if there is one. */
  public static Optional<Kind> named(String key) {
    return Optional.ofNullable(BY_KEY.get(key));
  }

  private static Row upright(String key, String name, RootThickness roots, Branching branching) {
    return new Row(key, name, Habit.MONOPODIAL, roots, branching, TIPS_GROWING);
  }

  private static Row clump(
      String key, String name, RootThickness roots, Branching branching, ReadyRule rule) {
    return new Row(key, name, Habit.SYMPODIAL, roots, branching, rule);
  }

  /** One row of the table while it is written down. */
  private static final class Row {
    private final String key;
    private final String name;
    private Traits traits;

    private Row(
        String key,
        String name,
        Habit habit,
        RootThickness thickness,
        Branching branching,
        ReadyRule rule) {
      this.key = key;
      this.name = name;
      this.traits =
          Traits.NONE
              .with(Trait.HABIT, habit)
              .with(Trait.ROOTS, thickness)
              .with(Trait.BRANCHING, branching)
              .with(Trait.READY_RULE, rule)
              .with(Trait.ROOTS_APPEAR, "at any time while it is warm")
              .with(Trait.RHIZOME_STEP_MM, 0.0)
              .with(Trait.GROWTHS_A_YEAR, 0.0)
              .with(Trait.ROOT_SPEED, KindFigures.ROOT_SPEED.standard())
              .with(Trait.REST, Rest.NONE)
              .with(Trait.BEST_POT, BestPot.ANY)
              .with(Trait.ROOTS_HIDDEN, false)
              .with(Trait.GROUND, Ground.EPIPHYTE);
      air(INTERMEDIATE, false);
    }

    private Row roots(String when) {
      traits = traits.with(Trait.ROOTS_APPEAR, when);
      return this;
    }

    private Row water(Moisture kept, String because) {
      traits = traits.with(Trait.MOISTURE, kept).with(Trait.CARE, because);
      return this;
    }

    private Row growth(int least, double stepMm, double aYear) {
      traits =
          traits
              .with(Trait.LEAST_GROWTHS, least)
              .with(Trait.RHIZOME_STEP_MM, stepMm)
              .with(Trait.GROWTHS_A_YEAR, aYear);
      return this;
    }

    private Row air(Warmth range, boolean light) {
      traits =
          traits
              .with(Trait.NIGHT_LEAST, range.nightLeast())
              .with(Trait.DAY_MOST, range.dayMost())
              .with(Trait.LIGHT_ON_ROOTS, light);
      return this;
    }

    private Row rests(Rest how) {
      traits = traits.with(Trait.REST, how);
      return this;
    }

    private Row potted(BestPot pot) {
      traits = traits.with(Trait.BEST_POT, pot);
      return this;
    }

    private Row slipper() {
      traits =
          traits
              .with(Trait.GROUND, Ground.SLIPPER)
              .with(Trait.ROOT_SPEED, KindFigures.SLOW_ROOT_SPEED.standard())
              .with(Trait.ROOTS_HIDDEN, true);
      return this;
    }

    private Row terrestrial() {
      traits = traits.with(Trait.GROUND, Ground.TERRESTRIAL);
      return this;
    }

    private Kind done() {
      return new Kind(key, name, traits);
    }
  }
}
