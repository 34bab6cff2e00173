package almanac.core.taught;

import static almanac.core.words.Sentence.say;

import almanac.core.checks.CheckAnswer;
import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Bulbs;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.GrowthTrend;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.inspection.RootTips;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.inspection.Stability;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Reads what was seen after a move for what it says of it. Rules: What came of it. */
final class Signs {
  private final MoveMade move;
  private final Figures figures;
  private final List<Sign> signs = new ArrayList<>();

  private Signs(MoveMade move, Figures figures) {
    this.move = move;
    this.figures = figures;
  }

  /** Those of the days that belong to the move, oldest first. */
  static List<Sign> of(MoveMade move, After after, Figures figures) {
    var read = new Signs(move, figures);
    after.looks().stream().filter(look -> read.ofTheMove(look.on())).forEach(read::look);
    after.answers().stream().filter(each -> read.ofTheMove(each.on())).forEach(read::answer);
    read.signs.sort(Comparator.comparing(Sign::on));
    return List.copyOf(read.signs);
  }

  private boolean ofTheMove(LocalDate on) {
    long day = day(on);
    return day >= figures.count(TaughtFigures.SEEN_FROM)
        && day <= figures.count(TaughtFigures.OF_THE_MOVE);
  }

  private long day(LocalDate on) {
    return ChronoUnit.DAYS.between(move.on(), on);
  }

  private void add(LocalDate on, Sign.Of of, String words) {
    signs.add(new Sign(on, of, say("{}", words)));
  }

  private void answer(After.Answered answered) {
    if (answered.answer() == CheckAnswer.CANNOT_TELL) {
      return;
    }
    boolean well = answered.answer() == CheckAnswer.AS_HOPED;
    var said = answered.purpose().title() + (well ? " As hoped" : " Not as hoped");
    if (answered.purpose() == Purpose.ROOT_TIPS) {
      add(answered.on(), well ? Sign.Of.TIPS : Sign.Of.NO_TIPS, said);
    } else if (answered.purpose() == Purpose.ANCHORED
        || (answered.purpose() == Purpose.STANDS && move.whole())) {
      add(answered.on(), well ? Sign.Of.HOLDS : Sign.Of.LOOSE, said);
    }
  }

  private void look(Inspection look) {
    tips(look);
    stands(look);
    health(look);
    growth(look);
    harm(look);
  }

  private void tips(Inspection look) {
    boolean growing = any(look, Items.ROOT_TIPS, RootTips.ACTIVE::equals).isPresent();
    boolean stopped = any(look, Items.ROOT_TIPS, RootTips.STOPPED::equals).isPresent();
    var stage = any(look, Items.NEW_ROOTS, each -> true);
    if (stage.isEmpty()) {
      if (growing) {
        add(look.on(), Sign.Of.TIPS, "root tips growing");
      }
      return;
    }
    var words = "newest roots: " + stage.get().words();
    boolean comeOut = stage.get().measurable() || stage.get() == RootStage.ANCHORED;
    if (!growing && (stopped || !comeOut)) {
      add(look.on(), Sign.Of.NO_TIPS, words);
    } else if (growing || !wereThere(stage.get(), look.on())) {
      add(look.on(), Sign.Of.TIPS, words);
    }
    if (stage.get() == RootStage.ANCHORED && byItsOwnRoots(look.on())) {
      add(look.on(), Sign.Of.HOLDS, words);
    }
  }

  /** In the first weeks roots in the medium, or as long as before, are those it was moved with. */
  private boolean wereThere(RootStage now, LocalDate on) {
    return !byItsOwnRoots(on)
        && (now == RootStage.ANCHORED
            || (now.pastNub() && move.before().stage().filter(RootStage::pastNub).isPresent()));
  }

  private boolean byItsOwnRoots(LocalDate on) {
    return day(on) >= figures.count(TaughtFigures.HOLDS_FROM);
  }

  private void stands(Inspection look) {
    int from = figures.count(move.whole() ? TaughtFigures.STOOD_FROM : TaughtFigures.HOLDS_FROM);
    any(look, Items.STABILITY, each -> true)
        .ifPresent(
            stands -> {
              var words = "how it stands: " + stands.words();
              if (stands != Stability.FIRM) {
                add(look.on(), Sign.Of.LOOSE, words);
              } else if (day(look.on()) >= from) {
                add(look.on(), Sign.Of.HOLDS, words);
              }
            });
  }

  /** Worse than before counts; as soft as it came does not. */
  private void health(Inspection look) {
    var leaves = any(look, Items.LEAVES, each -> true);
    var bulbs = any(look, Items.BULBS, each -> true);
    boolean limp =
        leaves
            .filter(now -> now.compareTo(Leaves.WRINKLED) >= 0)
            .filter(now -> now.compareTo(move.before().leaves().orElse(Leaves.FIRM)) > 0)
            .isPresent();
    boolean shrivelled =
        bulbs
            .filter(now -> now == Bulbs.SHRIVELLED)
            .filter(now -> move.before().bulbs().orElse(Bulbs.PLUMP) != Bulbs.SHRIVELLED)
            .isPresent();
    if (limp) {
      add(look.on(), Sign.Of.WORSE, "leaves: " + leaves.orElseThrow().words());
    } else if (shrivelled) {
      add(look.on(), Sign.Of.WORSE, "bulbs: " + bulbs.orElseThrow().words());
    } else {
      leaves.ifPresent(now -> add(look.on(), Sign.Of.SOUND, "leaves: " + now.words()));
    }
  }

  private void growth(Inspection look) {
    var stage = any(look, Items.GROWTH, each -> true);
    boolean wasGrowing = move.before().growth().filter(GrowthStage::growing).isPresent();
    if (wasGrowing && all(look, Items.GROWTH, GrowthStage.NONE::equals)) {
      add(look.on(), Sign.Of.SET_BACK, "newest growth: " + GrowthStage.NONE.words());
    } else if (stage.filter(this::further).isPresent()) {
      add(look.on(), Sign.Of.GOES_ON, "newest growth: " + stage.orElseThrow().words());
    }
    any(look, Items.BREAKAGE, Signs::leadSnapped)
        .ifPresent(broken -> add(look.on(), Sign.Of.SET_BACK, broken.words()));
    any(look, Items.GROWTH_TREND, trend -> trend.compareTo(GrowthTrend.SMALLER) >= 0)
        .ifPresent(
            trend -> add(look.on(), Sign.Of.SMALLER, "newest against the last: " + trend.words()));
  }

  private boolean further(GrowthStage now) {
    return now.growing()
        && (move.before().growth().filter(then -> then.growing() && now.compareTo(then) <= 0))
            .isEmpty();
  }

  private void harm(Inspection look) {
    any(look, Items.ROT, each -> each != Rot.NONE)
        .ifPresent(
            rot ->
                add(
                    look.on(),
                    rot.catching() && rot != Rot.SPREADING ? Sign.Of.OF_ITS_OWN : Sign.Of.SET_BACK,
                    "rot: " + rot.words()));
    any(look, Items.PESTS, Pests::harmful)
        .ifPresent(pest -> add(look.on(), Sign.Of.OF_ITS_OWN, "pests: " + pest.words()));
    if (day(look.on()) > figures.count(TaughtFigures.BY)) {
      any(look, Items.ROOTS_IN_POT, RootsInPot.MOSTLY_SOFT::equals)
          .ifPresent(soft -> add(look.on(), Sign.Of.SET_BACK, "roots in the pot: " + soft.words()));
    }
  }

  static boolean leadSnapped(Breakage broken) {
    return broken == Breakage.LEAD_SNAPPED || broken == Breakage.ONLY_LEAD_SNAPPED;
  }

  /** The furthest answer of that sort that was seen on any lead. */
  private static <A extends Enum<A> & Answer> Optional<A> any(
      Inspection look, Item<A> item, Predicate<A> sort) {
    return leads(look, item).stream().filter(sort).max(Comparator.naturalOrder());
  }

  private static <A extends Enum<A> & Answer> boolean all(
      Inspection look, Item<A> item, Predicate<A> sort) {
    var seen = leads(look, item);
    return !seen.isEmpty() && seen.stream().allMatch(sort);
  }

  private static <A extends Enum<A> & Answer> List<A> leads(Inspection look, Item<A> item) {
    return Arrays.stream(Lead.values())
        .flatMap(lead -> look.look(item, lead).seen().stream())
        .flatMap(seen -> seen.finding().answers().stream())
        .toList();
  }
}
