package almanac.core.kinds;

import almanac.core.medium.Moisture;
import almanac.core.refusals.Field;
import almanac.core.refusals.Longest;
import almanac.core.refusals.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * One thing in which kinds of plants differ. A trait that is made here is asked for, kept, sent and
 * written into the rules by itself.
 *
 * @param <T> the type of its values
 */
public final class Trait<T> implements Field {
  private static final List<Trait<?>> ALL = new ArrayList<>();

  /** How it grows. */
  public static final Trait<Habit> HABIT =
      ofAKind("habit", "It grows", new Range.OneOf<>(Habit.class), "Say how it grows.");

  /** What its roots live in. */
  public static final Trait<Ground> GROUND =
      ofAKind(
          "ground", "Its roots live", new Range.OneOf<>(Ground.class), "Say where its roots live.");

  /** How thick its roots are. */
  public static final Trait<RootThickness> ROOTS =
      ofAKind(
          "roots",
          "Its roots are",
          new Range.OneOf<>(RootThickness.class),
          "Say how thick its roots are.");

  /** When new roots come, as part of a sentence. */
  public static final Trait<String> ROOTS_APPEAR =
      ofAKind(
          "rootsAppear",
          "Its roots appear",
          new Range.Text(Longest.LINE),
          "Say when its roots appear, in at most 200 characters.");

  /** What else its roots ask for. */
  public static final Trait<String> CARE =
      ofAKind(
          "care",
          "What it asks for",
          new Range.Text(Longest.LINE),
          "Say what its roots ask for, in at most 200 characters.");

  /** Whether light on the roots is welcome. */
  public static final Trait<Boolean> LIGHT_ON_ROOTS =
      ofAKind(
          "lightOnRoots",
          "Light on the roots",
          new Range.YesNo("welcome", "not wanted"),
          "Say whether light on the roots is welcome.");

  /** Which root stages take a move. */
  public static final Trait<ReadyRule> READY_RULE =
      ofAPlant(
          "readyRule",
          "Takes a move",
          new Range.OneOf<>(ReadyRule.class),
          "Say which root stages take a move.");

  /** Whether broken roots branch. */
  public static final Trait<Branching> BRANCHING =
      ofAPlant(
          "branching",
          "Broken roots branch",
          new Range.OneOf<>(Branching.class),
          "Say whether broken roots branch.");

  /** How wet its medium is kept. */
  public static final Trait<Moisture> MOISTURE =
      ofAPlant("moisture", "Kept", new Range.OneOf<>(Moisture.class), "Say how wet it is kept.");

  /** Whether and how it stops for a part of the year. */
  public static final Trait<Rest> REST =
      ofAPlant("rest", "Rests", new Range.OneOf<>(Rest.class), "Say how it rests.");

  /** Which pot suits it. */
  public static final Trait<BestPot> BEST_POT =
      ofAPlant(
          "bestPot", "Stands best", new Range.OneOf<>(BestPot.class), "Say which pot suits it.");

  /** Its roots cannot be judged through the pot. */
  public static final Trait<Boolean> ROOTS_HIDDEN =
      ofAPlant(
          "rootsHidden",
          "Roots in the pot",
          new Range.YesNo("hidden", "can be seen"),
          "Say whether its roots can be seen.");

  /** How fast a new root lengthens in warm active growth, mm a week. */
  public static final Trait<Double> ROOT_SPEED =
      ofAPlant(
          "rootSpeed",
          "New roots grow",
          new Range.Number(
              "mm a week", KindFigures.ROOT_SPEED.least(), KindFigures.ROOT_SPEED.most()),
          "A root grows from 0.5 to 60 mm a week.");

  /** Distance from growth to growth, mm; 0 for monopodial kinds. */
  public static final Trait<Double> RHIZOME_STEP_MM =
      ofAPlant(
          "rhizomeStepMm",
          "From growth to growth",
          new Range.Number("mm", 0, 300),
          "A step of the rhizome goes from 0 to 300 mm.");

  /** Growths a plant makes in a year, shared among its leads; 0 for monopodial kinds. */
  public static final Trait<Double> GROWTHS_A_YEAR =
      ofAPlant(
          "growthsAYear",
          "Growths a year",
          new Range.Number("on all leads together", 0, 12),
          "A plant makes from 0 to 12 growths a year.");

  /** Growths that each part of a division needs; monopodial kinds have none. */
  public static final Trait<Integer> LEAST_GROWTHS =
      ofAPlant(
          "leastGrowths",
          "A division needs",
          new Range.Count("growths", 1, 20),
          "A division needs from 1 to 20 growths.");

  /** The lowest night temperature, °C. */
  public static final Trait<Double> NIGHT_LEAST =
      ofAPlant(
          "nightLeast",
          "Nights not under",
          new Range.Number("°C", -10, 40),
          "The lowest night temperature goes from −10 to 40 °C.");

  /** The highest day temperature, °C. */
  public static final Trait<Double> DAY_MOST =
      ofAPlant(
          "dayMost",
          "Days not over",
          new Range.Number("°C", -10, 50),
          "The highest day temperature lies above the night's and up to 50 °C.");

  private final String key;
  private final String title;
  private final Range<T> range;
  private final String wanted;
  private final boolean ofAPlant;
  private final int place;

  private Trait(String key, String title, Range<T> range, String wanted, boolean ofAPlant) {
    this.key = key;
    this.title = title;
    this.range = range;
    this.wanted = wanted;
    this.ofAPlant = ofAPlant;
    this.place = ALL.size();
    ALL.add(this);
  }

  private static <T> Trait<T> ofAKind(String key, String title, Range<T> range, String wanted) {
    return new Trait<>(key, title, range, wanted, false);
  }

  private static <T> Trait<T> ofAPlant(String key, String title, Range<T> range, String wanted) {
    return new Trait<>(key, title, range, wanted, true);
  }

  /** Every trait, in the order in which they are asked for. */
  public static List<Trait<?>> all() {
    return Collections.unmodifiableList(ALL);
  }

  /** The trait of that key, if there is one. */
  public static Optional<Trait<?>> named(String key) {
    for (var trait : ALL) {
      if (trait.key.equals(key)) {
        return Optional.of(trait);
      }
    }
    return Optional.empty();
  }

  /** The name under which it is kept and sent. */
  @Override
  public String key() {
    return key;
  }

  /** What stands before its entry. */
  public String title() {
    return title;
  }

  public Range<T> range() {
    return range;
  }

  /** Whether a single plant may differ from its kind in it. */
  public boolean ofAPlant() {
    return ofAPlant;
  }

  /** Whether every kind has it; kinds that were written down before it was asked for have none. */
  public boolean ofEveryKind() {
    return this != LEAST_GROWTHS && this != REST && this != BEST_POT;
  }

  /** Where it stands among all traits. */
  int place() {
    return place;
  }

  /** What is said to whom it was not told as it must be. */
  Refused refusal() {
    return new Refused(this, wanted);
  }

  /**
   * The value that is written so.
   *
   * @throws Refused naming the trait, if there is none
   */
  T read(String written) {
    return range.read(written).orElseThrow(this::refusal);
  }

  @Override
  public String toString() {
    return key;
  }
}
