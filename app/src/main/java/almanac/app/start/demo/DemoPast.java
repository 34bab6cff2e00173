package almanac.app.start.demo;

import almanac.core.history.Happening;
import almanac.core.history.Way;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.RootTips;
import almanac.core.inspection.Stability;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.roots.RootStage;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * What is seen around a move of the past, as it went well or badly.
 *
 * @param on the day of the move
 * @param roots the newest ones on that day
 */
record DemoPast(LocalDate on, RootStage roots, Came came) {
  private static final double DAYS_A_MONTH = 30.4;
  private static final double A_POT = 0.25;

  /** What came of a move. */
  enum Came {
    HELD,
    SLOW,
    SET_BACK,
    LOST
  }

  /** Half of them at the nubs; of these nearly all take hold, of the others some. */
  static DemoPast ofAPlant(String label, Kind kind, LocalDate moved) {
    var random = new Random(label.hashCode() * 31L);
    int stage = random.nextInt(20);
    double well = random.nextDouble();
    if (stage < 11) {
      return new DemoPast(moved, RootStage.NUB, well < 0.93 ? Came.HELD : Came.SLOW);
    }
    if (stage < 14) {
      boolean growthLost = well >= 0.7 && growsOn(kind);
      return new DemoPast(
          moved, RootStage.SHORT, well < 0.45 ? Came.HELD : growthLost ? Came.SET_BACK : Came.SLOW);
    }
    if (stage < 17) {
      return new DemoPast(moved, RootStage.LONG, well < 0.8 ? Came.HELD : Came.SLOW);
    }
    return stage < 19
        ? new DemoPast(moved, RootStage.NONE, well < 0.5 ? Came.HELD : Came.SLOW)
        : new DemoPast(moved, RootStage.SWELLING, Came.HELD);
  }

  /** Just before it was moved: roots, growth, and a piece of what it stood in. */
  Inspection before(Mix mix, Kind kind, LocalDate potted, boolean inFlower) {
    var look = saw(Inspection.on(on.minusDays(3)), Items.LEAVES, Leaves.FIRM);
    if (growsOn(kind)) {
      look = saw(look, Items.GROWTH, GrowthStage.STARTING);
    }
    look = saw(look, Items.NEW_ROOTS, roots);
    look = saw(look, Items.BLOOM, inFlower ? Bloom.OPEN : Bloom.NONE);
    return mix.inert()
        ? look
        : saw(look, Items.MEDIUM_PIECE, piece(mix, kind.of(Trait.MOISTURE), potted));
  }

  /** Whether it makes growths, one in front of the other. */
  private static boolean growsOn(Kind kind) {
    return kind.of(Trait.HABIT) == Habit.SYMPODIAL;
  }

  /** What tells it from a plant that simply took hold; where others look besides. */
  List<Inspection> after() {
    return switch (came) {
      case HELD -> List.of(tips(27));
      case SLOW -> List.of(saw(day(34), Items.NEW_ROOTS, RootStage.NONE), loose(92));
      case SET_BACK -> List.of(saw(day(45), Items.GROWTH, GrowthStage.NONE), loose(92));
      case LOST ->
          List.of(
              saw(day(20), Items.LEAVES, Leaves.WRINKLED), saw(day(50), Items.LEAVES, Leaves.LIMP));
    };
  }

  /** The same where nobody else looks. */
  List<Inspection> alone() {
    var looks = new ArrayList<>(after());
    if (came != Came.LOST) {
      var holds = saw(day(came == Came.HELD ? 93 : 150), Items.NEW_ROOTS, RootStage.ANCHORED);
      looks.add(saw(saw(holds, Items.STABILITY, Stability.FIRM), Items.LEAVES, Leaves.FIRM));
    }
    return looks;
  }

  /** Two of three times this keeper counts; the pots stand in water first, so that fewer break. */
  Happening.Worked worked() {
    var random = new Random(on.toEpochDay() * 17 + roots.ordinal());
    int minutes = 20 + 5 * random.nextInt(6);
    var tally =
        RootTally.EMPTY
            .and(RootFate.FIRM_KEPT, 22 + random.nextInt(16))
            .and(RootFate.TIP_BROKEN, 1 + random.nextInt(3))
            .and(RootFate.SOFT, random.nextInt(4));
    int tips = roots == RootStage.NONE ? 0 : 6 + random.nextInt(7);
    int broken = (int) random.doubles(tips).filter(each -> each < broken()).count();
    return new Happening.Worked(
        random.nextInt(3) == 0
            ? RootTally.EMPTY
            : tally.and(RootFate.NEW_BROKEN, broken).and(RootFate.NEW_KEPT, tips - broken),
        minutes,
        "",
        "",
        Way.OPENED);
  }

  private double broken() {
    return switch (roots) {
      case SWELLING, NUB -> 0.06;
      case SHORT, MID -> 0.3;
      case LONG -> 0.4;
      case NONE, ANCHORED -> 0;
    };
  }

  private Inspection day(int after) {
    return Inspection.on(on.plusDays(after));
  }

  private Inspection tips(int after) {
    return saw(saw(day(after), Items.NEW_ROOTS, RootStage.NUB), Items.ROOT_TIPS, RootTips.ACTIVE);
  }

  private Inspection loose(int after) {
    return saw(day(after), Items.STABILITY, Stability.LOOSE);
  }

  /** In this house fine bark goes in three quarters of the usual time; no two pots are alike. */
  private MediumPiece piece(Mix mix, Moisture moisture, LocalDate potted) {
    double life =
        mix.parts().keySet().stream()
            .filter(Component::organic)
            .mapToDouble(DemoPast::months)
            .min()
            .orElseThrow();
    var pot = new Random(on.toEpochDay() * 31 + potted.toEpochDay());
    life *= Math.exp(A_POT * pot.nextGaussian());
    double used =
        ChronoUnit.DAYS.between(potted, on) / DAYS_A_MONTH / life * moisture.pace().standard();
    if (used < 0.5) {
      return MediumPiece.KEEPS_SHAPE;
    }
    if (used < 0.9) {
      return MediumPiece.DENTS;
    }
    return used < 1.3 ? MediumPiece.TEARS : MediumPiece.MUSH;
  }

  private static double months(Component component) {
    double assumed = component.life().orElseThrow().standard();
    return component == Component.BARK_FINE ? assumed * 0.7 : assumed;
  }

  private static <A extends Enum<A> & Answer> Inspection saw(
      Inspection look, Item<A> item, A answer) {
    return look.with(item, item.saw(answer));
  }
}
