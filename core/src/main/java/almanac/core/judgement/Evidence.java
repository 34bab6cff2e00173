package almanac.core.judgement;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Look;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Spot;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.medium.MediumClock;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumTest;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import almanac.core.medium.UsedLife;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootStage;
import almanac.core.season.Lack;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Predicate;

/** What follows from a situation before anything is weighed. */
final class Evidence {
  private static final Set<Bloom> IN_FLOWER = EnumSet.of(Bloom.SPIKE, Bloom.BUDS, Bloom.OPEN);
  private static final Set<GrowthStage> IN_GROWTH =
      EnumSet.of(
          GrowthStage.EYE_SWELLING,
          GrowthStage.STARTING,
          GrowthStage.HALF_GROWN,
          GrowthStage.NEARLY_MATURE);

  final Situation situation;
  final Figures figures;
  final Approach approach;
  final LocalDate today;
  final MediumClock clock;
  final List<MediumTest> tests;
  final Optional<UsedLife> used;
  final ReadyRule rule;
  final List<LeadRoots> leads;

  /** The lead whose roots decide. */
  final LeadRoots roots;

  final Optional<Bloom> bloom;

  /** What the bench lacks for growth; nothing where it carries it. */
  final Optional<Lack> lack;

  final boolean resting;
  final OptionalLong daysSinceMove;
  final OptionalLong daysSinceArrival;

  Evidence(Situation situation, Figures figures, Approach approach) {
    this.approach = approach;
    this.situation = situation;
    this.figures = figures;
    this.today = situation.today();
    this.clock = clock();
    this.tests = MediumTests.of(situation.history().inspections(), figures);
    this.used = clock.usedOn(today, tests);
    this.rule = ReadyRules.of(this);
    this.leads = leads();
    this.roots = Governing.of(leads, rule, figures);
    this.bloom = fresh(Item.BLOOM).answer();
    this.lack =
        growsBloomsAndRoots()
            ? Optional.empty()
            : situation.conditions().lacks(today, kind().warmth(), figures);
    this.resting =
        fresh(Item.GROWTH).saw(GrowthStage.RESTING)
            && roots.stage().filter(RootStage.NONE::equals).isPresent();
    this.daysSinceMove =
        situation.history().potting().pottedOn() instanceof PottedOn.Between between
            ? OptionalLong.of(ChronoUnit.DAYS.between(between.middle(), today))
            : OptionalLong.empty();
    this.daysSinceArrival =
        situation.arrival().isPresent()
            ? OptionalLong.of(ChronoUnit.DAYS.between(situation.arrival().get().on(), today))
            : OptionalLong.empty();
  }

  Kind kind() {
    return situation.kind();
  }

  Optional<RootForecast> forecast() {
    return roots.forecast();
  }

  Optional<RootStage> stage() {
    return roots.stage();
  }

  boolean undecidedRoots() {
    return roots.stage().isEmpty();
  }

  boolean inSeason() {
    return lack.isEmpty() && !resting;
  }

  /** Whether it came into the collection within so many days. */
  boolean arrivedWithin(double days) {
    return daysSinceArrival.isPresent() && daysSinceArrival.getAsLong() <= days;
  }

  /** Whether it was potted since it came; where nobody knows when that was, it was. */
  boolean pottedHere() {
    return situation.arrival().isEmpty()
        || situation.history().potting().pottedOn() instanceof PottedOn.Between between
            && !between.latest().isBefore(situation.arrival().get().on());
  }

  /** Came without roots and has not yet made enough of its own. */
  boolean rootless() {
    var inPot = look(Item.ROOTS_IN_POT);
    boolean rooted =
        inPot.saw(RootsInPot.FIRM)
            || inPot.saw(RootsInPot.DARK_FIRM)
            || stage().filter(RootStage.ANCHORED::equals).isPresent();
    return situation.arrival().filter(arrival -> arrival.rootless()).isPresent()
        && arrivedWithin(figures.of(ReadinessFigures.ROOTLESS_DAYS))
        && !rooted;
  }

  <A extends Enum<A> & Answer> Look<A> look(Item<A> item) {
    return situation.history().latest(item, today);
  }

  <A extends Enum<A> & Answer> Look<A> look(Item<A> item, Lead lead) {
    return situation.history().latest(item, lead, today);
  }

  /** The latest look at an item, if it still speaks for today. */
  <A extends Enum<A> & Answer> Look<A> fresh(Item<A> item) {
    var look = look(item);
    return look instanceof Look.Seen<A> seen && holdsGood(seen, item) ? look : Look.notLookedAt();
  }

  /** Where and when the latest look at an item was made. */
  Optional<SeenAt> seenAt(Item<?> item, Lead lead) {
    return situation
        .history()
        .latest(item, lead, today)
        .seen()
        .map(seen -> new SeenAt(new Spot(item, lead), seen.on()));
  }

  /** What nobody has looked at since the plant was last potted. */
  List<Item<?>> notLookedAt() {
    return pick(item -> look(item) instanceof Look.NotLookedAt);
  }

  /** What was looked at too long ago to speak for today, on any lead. */
  List<Item<?>> stale() {
    return pick(this::staleOnAnyLead);
  }

  /** Whether it was looked at too long ago to speak for today. */
  boolean stale(Item<?> item) {
    return stale(item, Lead.FIRST);
  }

  private boolean staleOnAnyLead(Item<?> item) {
    if (!item.ofALead()) {
      return stale(item, Lead.FIRST);
    }
    return leads.stream().anyMatch(lead -> stale(item, lead.lead()));
  }

  private boolean stale(Item<?> item, Lead lead) {
    return look(item, lead) instanceof Look.Seen<?> seen && !holdsGood(seen, item);
  }

  private static List<Item<?>> pick(Predicate<Item<?>> wanted) {
    var picked = new ArrayList<Item<?>>();
    for (var item : Item.inLookingOrder()) {
      if (wanted.test(item)) {
        picked.add(item);
      }
    }
    return picked;
  }

  private boolean holdsGood(Look.Seen<?> seen, Item<?> item) {
    var figure =
        item == Item.NEW_ROOTS && seen.finding().answer().orElse(null) instanceof RootStage stage
            ? LeadRoots.holdsGood(stage)
            : item.holdsGood();
    return ChronoUnit.DAYS.between(seen.on(), today) <= figures.of(figure);
  }

  private MediumClock clock() {
    var potting = situation.history().potting();
    var means =
        situation
            .conditions()
            .means()
            .orElseGet(() -> Temperatures.steady(figures.of(MediumFigures.LIFE_TEMPERATURE)));
    return new MediumClock(
        potting.pottedOn(),
        potting.knownSince(),
        potting.mix(),
        potting.moisture(),
        means,
        deadRootsSince(),
        figures);
  }

  private Optional<LocalDate> deadRootsSince() {
    for (var inspection : situation.history().inspections()) {
      var roots = inspection.look(Item.ROOTS_IN_POT);
      if (roots.saw(RootsInPot.MIXED) || roots.saw(RootsInPot.MOSTLY_SOFT)) {
        return Optional.of(inspection.on());
      }
    }
    return Optional.empty();
  }

  private List<LeadRoots> leads() {
    double speed = kind().rootSpeed();
    var leads = new ArrayList<LeadRoots>();
    for (var lead : Lead.values()) {
      var roots = LeadRoots.of(lead, situation.history(), today, speed, figures);
      if (!roots.looks().isEmpty()) {
        leads.add(roots);
      }
    }
    return leads.isEmpty() ? List.of(LeadRoots.unseen(Lead.FIRST)) : List.copyOf(leads);
  }

  /** Blooming, growing and rooting at once is the growing season, whatever the calendar says. */
  private boolean growsBloomsAndRoots() {
    return bloom.filter(IN_FLOWER::contains).isPresent()
        && fresh(Item.GROWTH).answer().filter(IN_GROWTH::contains).isPresent()
        && roots.growing();
  }
}
