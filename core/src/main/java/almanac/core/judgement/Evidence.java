package almanac.core.judgement;

import almanac.core.figures.Figures;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.InspectionFigures;
import almanac.core.inspection.Item;
import almanac.core.inspection.Look;
import almanac.core.medium.MediumClock;
import almanac.core.medium.MediumTest;
import almanac.core.medium.PottedOn;
import almanac.core.medium.UsedLife;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootLook;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;

/** What follows from a situation before anything is weighed. */
final class Evidence {
  final Situation situation;
  final Figures figures;
  final Approach approach;
  final LocalDate today;
  final MediumClock clock;
  final List<MediumTest> tests;
  final Optional<UsedLife> used;
  final Optional<RootLook> rootLook;
  final Optional<RootForecast> forecast;
  final Optional<RootStage> stage;
  final OptionalDouble rootLength;
  final Optional<Bloom> bloom;
  final boolean inSeason;
  final OptionalLong daysSinceMove;

  Evidence(Situation situation, Figures figures, Approach approach) {
    this.approach = approach;
    this.situation = situation;
    this.figures = figures;
    this.today = situation.today();
    var potting = situation.history().potting();
    this.clock =
        new MediumClock(
            potting.pottedOn(),
            potting.knownSince(),
            potting.mix(),
            potting.moisture(),
            situation.conditions().temperatures());
    this.tests = tests();
    this.used = clock.usedOn(today, tests, figures);
    this.rootLook = rootLook();
    this.forecast =
        rootLook.flatMap(look -> RootForecast.of(look, situation.profile().rootSpeed(), figures));
    this.stage = stage();
    this.rootLength =
        forecast.isPresent() && stage.isPresent()
            ? OptionalDouble.of(forecast.get().lengthOn(today))
            : OptionalDouble.empty();
    this.bloom = fresh(Item.BLOOM).answer();
    this.inSeason = situation.conditions().carryGrowth(today, figures);
    this.daysSinceMove =
        potting.pottedOn() instanceof PottedOn.Between between
            ? OptionalLong.of(ChronoUnit.DAYS.between(between.middle(), today))
            : OptionalLong.empty();
  }

  <A extends Enum<A> & almanac.core.words.Answer> Look<A> look(Item<A> item) {
    return situation.history().latest(item, today);
  }

  /** The latest look at an item, if it still speaks for today. */
  <A extends Enum<A> & almanac.core.words.Answer> Look<A> fresh(Item<A> item) {
    var look = look(item);
    return look.seen().filter(seen -> holdsGood(seen, item)).isPresent()
        ? look
        : new Look.NotLookedAt<>();
  }

  /** What nobody has looked at since the plant was last potted. */
  List<Item<?>> notLookedAt() {
    return pick(item -> look(item).seen().isEmpty());
  }

  /** What was looked at too long ago to speak for today. */
  List<Item<?>> stale() {
    return pick(item -> look(item).seen().filter(seen -> !holdsGood(seen, item)).isPresent());
  }

  boolean undecidedRoots() {
    return stage.isEmpty();
  }

  private static List<Item<?>> pick(java.util.function.Predicate<Item<?>> wanted) {
    var picked = new ArrayList<Item<?>>();
    for (var item : Item.inLookingOrder()) {
      if (wanted.test(item)) {
        picked.add(item);
      }
    }
    return picked;
  }

  private boolean holdsGood(Look.Seen<?> seen, Item<?> item) {
    var days = item == Item.NEW_ROOTS ? rootsHoldGood() : figures.of(item.holdsGood());
    return ChronoUnit.DAYS.between(seen.on(), today) <= days;
  }

  private double rootsHoldGood() {
    var growing =
        rootLook.map(RootLook::stage).filter(s -> s != RootStage.NONE && s != RootStage.ANCHORED);
    return figures.of(
        growing.isPresent()
            ? InspectionFigures.NEW_ROOTS_GROWING
            : InspectionFigures.NEW_ROOTS_RESTING);
  }

  private List<MediumTest> tests() {
    return MediumTests.of(situation.history().inspections(), figures);
  }

  private Optional<RootLook> rootLook() {
    return look(Item.NEW_ROOTS)
        .seen()
        .flatMap(
            seen ->
                seen.finding()
                    .answer()
                    .map(stage -> new RootLook(seen.on(), stage, seen.finding().measured())));
  }

  /** The stage today: projected for growing roots, else as seen while the look holds good. */
  private Optional<RootStage> stage() {
    if (rootLook.isEmpty()) {
      return Optional.empty();
    }
    long age = ChronoUnit.DAYS.between(rootLook.get().on(), today);
    if (forecast.isPresent()) {
      return age > figures.of(ReadinessFigures.FORECAST_DAYS)
          ? Optional.empty()
          : Optional.of(forecast.get().stageOn(today, figures));
    }
    return age > rootsHoldGood() ? Optional.empty() : Optional.of(rootLook.get().stage());
  }
}
