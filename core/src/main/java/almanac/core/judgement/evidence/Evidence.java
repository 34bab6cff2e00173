package almanac.core.judgement.evidence;

import almanac.core.figures.Figures;
import almanac.core.history.Approach;
import almanac.core.inspection.Bloom;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Bulbs;
import almanac.core.inspection.Fix;
import almanac.core.inspection.GrowthStage;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Look;
import almanac.core.inspection.LookSpot;
import almanac.core.inspection.Pests;
import almanac.core.inspection.Rim;
import almanac.core.inspection.RootsInPot;
import almanac.core.inspection.Rot;
import almanac.core.judgement.figures.ReadinessFigures;
import almanac.core.judgement.reason.SeenAt;
import almanac.core.kinds.Kind;
import almanac.core.kinds.ReadyRule;
import almanac.core.kinds.Trait;
import almanac.core.medium.MediumClock;
import almanac.core.medium.MediumFigures;
import almanac.core.medium.MediumTest;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import almanac.core.medium.UsedLife;
import almanac.core.rest.RestCourse;
import almanac.core.rest.Resting;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootForecast;
import almanac.core.roots.RootStage;
import almanac.core.season.SeasonFigures;
import almanac.core.words.Answer;
import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Predicate;

/** What follows from a situation before anything is weighed. */
public final class Evidence {
  private final Situation situation;
  private final Figures figures;
  private final Approach approach;
  private final LocalDate today;
  private final MediumClock clock;
  private final List<MediumTest> tests;
  private final Optional<Sentence> testAgain;
  private final Optional<Drying> drying;
  private final Optional<UsedLife> used;
  private final ReadyRule rule;
  private final List<LeadRoots> leads;
  private final LeadRoots roots;
  private final Optional<Bloom> bloom;
  private final Season season;
  private final RestCourse rests;
  private final Resting rest;
  private final OptionalLong daysSinceMove;
  private final OptionalLong daysSinceArrival;

  public Evidence(Situation situation, Figures figures, Approach approach) {
    this.approach = approach;
    this.situation = situation;
    this.figures = figures;
    this.today = situation.today();
    this.clock = clockOfThisPot();
    var read = MediumTests.of(situation.history().inspections(), dries(), figures);
    this.tests = read.together().all();
    this.testAgain = read.together().again();
    this.drying = read.drying();
    this.used = clock.usedOn(today, tests);
    this.rule = ReadyRules.of(this);
    this.leads = leadsLookedAt();
    this.roots = Governing.of(leads, rule, figures);
    this.bloom = fresh(Items.BLOOM).answer();
    this.rests =
        new RestCourse(
            situation.kind(),
            situation.history(),
            situation.conditions().light().northern(),
            today,
            figures);
    this.rest = rests.on(today);
    this.season = seasonToday();
    this.daysSinceMove =
        situation.history().potting().pottedOn() instanceof PottedOn.Between between
            ? OptionalLong.of(ChronoUnit.DAYS.between(between.middle(), today))
            : OptionalLong.empty();
    this.daysSinceArrival =
        situation.arrival().isPresent()
            ? OptionalLong.of(ChronoUnit.DAYS.between(situation.arrival().get().on(), today))
            : OptionalLong.empty();
  }

  public Situation situation() {
    return situation;
  }

  public Figures figures() {
    return figures;
  }

  public Approach approach() {
    return approach;
  }

  public LocalDate today() {
    return today;
  }

  public MediumClock clock() {
    return clock;
  }

  /** Every test of the medium since it was potted, oldest first. */
  public List<MediumTest> tests() {
    return tests;
  }

  /** A test of the medium that has to be made once more, and why; nothing if none has. */
  public Optional<Sentence> testAgain() {
    return testAgain;
  }

  /** A mount and a pot that is always wet have no days to dry. */
  private boolean dries() {
    var potting = situation.history().potting();
    return !potting.mix().mounted() && potting.moisture() != Moisture.ALWAYS_WET;
  }

  /** How long it takes to dry now and took before; nothing where too few have read it. */
  public Optional<Drying> drying() {
    return drying;
  }

  /** How far the medium is; nothing if it does not decay. */
  public Optional<UsedLife> used() {
    return used;
  }

  /** By which root stages it is ready, as the approach sees it. */
  public ReadyRule rule() {
    return rule;
  }

  /** The newest roots of each lead that was looked at; one that was not, if none was. */
  public List<LeadRoots> leads() {
    return leads;
  }

  /** Those of the lead that decides. */
  public LeadRoots roots() {
    return roots;
  }

  /** How far the flowers are, if that was seen lately. */
  public Optional<Bloom> bloom() {
    return bloom;
  }

  /** What light and warmth make of a move today. */
  public Season season() {
    return season;
  }

  /** How it rests today. */
  public Resting rest() {
    return rest;
  }

  /** How it rests on a later day, as far as that can be told today. */
  public Resting restOn(LocalDate day) {
    return rests.on(day);
  }

  public OptionalLong daysSinceMove() {
    return daysSinceMove;
  }

  public OptionalLong daysSinceArrival() {
    return daysSinceArrival;
  }

  public Kind kind() {
    return situation.kind();
  }

  public Optional<RootForecast> forecast() {
    return roots.forecast();
  }

  /** From which length on long roots take a move, mm; nothing for kinds without such a window. */
  public OptionalDouble longEnough() {
    if (!kind().hasSecondWindow()) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(
        figures.of(
            kind().of(Trait.READY_RULE) == ReadyRule.LONG_FIRST
                ? RootFigures.LONG_FIRST
                : RootFigures.MID_MOST));
  }

  public Optional<RootStage> stage() {
    return roots.stage();
  }

  public boolean undecidedRoots() {
    return roots.stage().isEmpty();
  }

  /**
   * Whether how far its newest roots are is no more than a guess from an old look; it decides
   * nothing by itself.
   */
  public boolean guessedRoots() {
    return roots.growing() && stale(Items.NEW_ROOTS, roots.lead());
  }

  /** Whether nobody has seen its newest roots lately enough to decide on them. */
  public boolean unseenRoots() {
    return undecidedRoots() || guessedRoots();
  }

  /** Whether it came into the collection within so many days. */
  public boolean arrivedWithin(double days) {
    return daysSinceArrival.isPresent() && daysSinceArrival.getAsLong() <= days;
  }

  /** For deciduous kinds: whether the roots of the new growth are no longer just coming. */
  public boolean rootsPastTheStart() {
    return stage().filter(RootStage::pastNub).isPresent();
  }

  /** Whether nobody knows when it was potted. */
  public boolean pottingUnknown() {
    return situation.history().potting().pottedOn() instanceof PottedOn.Unknown;
  }

  /** Whether it stands in a doubtful medium that the approach will not leave it in. */
  public boolean leavesADoubtfulMedium() {
    return approach == Approach.FRESH_START && DoubtfulMedium.standsIn(this);
  }

  /** Whether it was potted since it came; where nobody knows when that was, it was. */
  public boolean pottedHere() {
    return situation.arrival().isEmpty()
        || situation.history().potting().pottedOn() instanceof PottedOn.Between between
            && !between.latest().isBefore(situation.arrival().get().on());
  }

  /** Came without roots and has not yet made enough of its own. */
  public boolean rootless() {
    var inPot = look(Items.ROOTS_IN_POT);
    boolean rooted =
        inPot.saw(RootsInPot.FIRM)
            || inPot.saw(RootsInPot.DARK_FIRM)
            || stage().filter(RootStage.ANCHORED::equals).isPresent();
    return situation.arrival().filter(arrival -> arrival.rootless()).isPresent()
        && arrivedWithin(figures.of(ReadinessFigures.ROOTLESS_DAYS))
        && !rooted;
  }

  public <A extends Enum<A> & Answer> Look<A> look(Item<A> item) {
    return situation.history().latest(item, today);
  }

  public <A extends Enum<A> & Answer> Look<A> look(Item<A> item, Lead lead) {
    return situation.history().latest(item, lead, today);
  }

  /** The latest look at an item, if it still speaks for today. */
  public <A extends Enum<A> & Answer> Look<A> fresh(Item<A> item) {
    var look = look(item);
    return look instanceof Look.Seen<A> seen && holdsGood(seen, item) ? look : Look.notLookedAt();
  }

  /** Where and when the latest look at an item was made. */
  public Optional<SeenAt> seenAt(Item<?> item, Lead lead) {
    return situation
        .history()
        .latest(item, lead, today)
        .seen()
        .map(seen -> new SeenAt(new LookSpot(item, lead), seen.on()));
  }

  /** The day of the last look in this pot; where there is none, since when it stands in it. */
  public LocalDate lastKnown() {
    var looks = situation.history().inspections();
    return looks.isEmpty() ? situation.standsSince() : looks.get(looks.size() - 1).on();
  }

  /** Since when the same has been seen there, look for look, in this pot. */
  public LocalDate firstSeen(SeenAt at) {
    var spot = at.spot();
    var first = at.on();
    var inspections = situation.history().inspections();
    for (int i = inspections.size() - 1; i >= 0; i--) {
      var finding = inspections.get(i).findings().get(spot);
      if (finding != null && !inspections.get(i).on().isAfter(at.on())) {
        if (!finding.answers().equals(answersOn(spot, at.on()))) {
          return first;
        }
        first = inspections.get(i).on();
      }
    }
    return first;
  }

  private Set<?> answersOn(LookSpot spot, LocalDate day) {
    return situation
        .history()
        .latest(spot.item(), spot.lead(), day)
        .seen()
        .<Set<?>>map(seen -> seen.finding().answers())
        .orElse(Set.of());
  }

  /** Whether a small job was done since what it is for was last seen. */
  public boolean done(Fix job) {
    return situation.history().done(job, today);
  }

  /** What nobody has looked at since the plant was last potted. */
  public List<Item<?>> notLookedAt() {
    return pick(item -> look(item) instanceof Look.NotLookedAt);
  }

  /** What was looked at too long ago to speak for today, on any lead. */
  public List<Item<?>> stale() {
    return pick(this::staleOnAnyLead);
  }

  /** Whether it was looked at too long ago to speak for today. */
  public boolean stale(Item<?> item) {
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
    for (var item : Items.inLookingOrder()) {
      if (wanted.test(item)) {
        picked.add(item);
      }
    }
    return picked;
  }

  private boolean holdsGood(Look.Seen<?> seen, Item<?> item) {
    var figure =
        item == Items.NEW_ROOTS && seen.finding().answer().orElse(null) instanceof RootStage stage
            ? LeadRoots.holdsGood(stage)
            : item.holdsGood();
    return ChronoUnit.DAYS.between(seen.on(), today) <= figures.of(figure);
  }

  /** When it was seen wrinkled or shrivelled, if that is not long ago and no part of its rest. */
  public Optional<LocalDate> thirstySince() {
    if (rest.keptDry()) {
      return Optional.empty();
    }
    var leaves = fresh(Items.LEAVES);
    if (leaves.saw(Leaves.WRINKLED) || leaves.saw(Leaves.LIMP)) {
      return leaves.seen().map(Look.Seen::on);
    }
    var bulbs = fresh(Items.BULBS);
    return bulbs.saw(Bulbs.SHRIVELLED) ? bulbs.seen().map(Look.Seen::on) : Optional.empty();
  }

  /** Whether it is thirsty within three months of a move. */
  public boolean wiltsAfterAMove() {
    return thirstySince().isPresent() && movedLately();
  }

  /** Whether it was moved here within three months. */
  public boolean movedLately() {
    return pottedHere()
        && daysSinceMove.isPresent()
        && daysSinceMove.getAsLong() <= figures.of(ReadinessFigures.MOVED_LATELY_DAYS);
  }

  /** The lead that is nearest to trouble at the rim, if any was looked at. */
  public Optional<AtRim> foremost() {
    return AtRim.foremost(this);
  }

  /** Where that lead stands. */
  public Optional<Rim> rim() {
    return foremost().map(AtRim::rim);
  }

  private MediumClock clockOfThisPot() {
    var potting = situation.history().potting();
    var means =
        situation
            .conditions()
            .means()
            .orElseGet(() -> Temperatures.steady(figures.of(MediumFigures.LIFE_TEMPERATURE)));
    return new MediumClock(
        potting.pottedOn(),
        situation.standsSince(),
        potting.mix(),
        potting.moisture(),
        means,
        deadRootsSince(),
        figures);
  }

  private Optional<LocalDate> deadRootsSince() {
    for (var inspection : situation.history().inspections()) {
      var roots = inspection.look(Items.ROOTS_IN_POT);
      if (roots.saw(RootsInPot.MIXED) || roots.saw(RootsInPot.MOSTLY_SOFT)) {
        return Optional.of(inspection.on());
      }
    }
    return Optional.empty();
  }

  private List<LeadRoots> leadsLookedAt() {
    var leads = new ArrayList<LeadRoots>();
    for (var lead : Lead.values()) {
      var roots = LeadRoots.of(lead, situation, figures);
      if (!roots.looks().isEmpty()) {
        leads.add(roots);
      }
    }
    return leads.isEmpty() ? List.of(LeadRoots.unseen(Lead.FIRST)) : List.copyOf(leads);
  }

  private Season seasonToday() {
    if (growsBloomsAndRoots()) {
      return Season.GROWING;
    }
    var today = Season.on(this.today, situation, tipsSeen(), rest, figures);
    boolean resting =
        fresh(Items.GROWTH).saw(GrowthStage.RESTING)
            && roots.stage().filter(RootStage.NONE::equals).isPresent();
    return resting ? today.atRest() : today;
  }

  /**
   * From which day light and warmth carry what can wait; nothing while they do, or where they never
   * do.
   */
  public Optional<LocalDate> gateOpens() {
    return season().open() ? Optional.empty() : opensFrom(today);
  }

  /** The first day from a given one on which its place and its rest let it take a move. */
  public Optional<LocalDate> opensFrom(LocalDate day) {
    var resting = rests.on(day);
    var from = resting.holdsAMove() && resting.wakes().isAfter(day) ? resting.wakes() : day;
    return situation.conditions().gateOpensFrom(from, kind().warmth(), figures);
  }

  /** Whether root tips were seen growing within the last fortnight. */
  private boolean tipsSeen() {
    double most = figures.of(SeasonFigures.TIPS_SEEN);
    return roots.growing()
        && roots.looks().stream()
            .filter(look -> look.stage().measurable())
            .anyMatch(look -> ChronoUnit.DAYS.between(look.on(), today) <= most);
  }

  /** When pests, rot or a virus were last found on it, if that is the latest word on them. */
  public Optional<LocalDate> foundOn() {
    var pests = fresh(Items.PESTS);
    boolean harm =
        pests
            .seen()
            .filter(seen -> seen.finding().answers().stream().anyMatch(Pests::harmful))
            .isPresent();
    if (harm) {
      return pests.seen().map(Look.Seen::on);
    }
    var rot = fresh(Items.ROT);
    return rot.seen().isPresent() && !rot.saw(Rot.NONE)
        ? rot.seen().map(Look.Seen::on)
        : Optional.empty();
  }

  /** Since when a lead is snapped off and nothing has taken its place; nothing if none is. */
  public Optional<LocalDate> leadSnappedOn() {
    var broken = fresh(Items.BREAKAGE);
    if (!broken.saw(Breakage.LEAD_SNAPPED) && !broken.saw(Breakage.ONLY_LEAD_SNAPPED)) {
      return Optional.empty();
    }
    return broken.seen().map(Look.Seen::on).filter(day -> !mendedSince(day));
  }

  /** An eye that swells or another lead that roots. */
  private boolean mendedSince(LocalDate day) {
    for (var lead : Lead.values()) {
      var growth = look(Items.GROWTH, lead);
      boolean grows =
          growth.saw(GrowthStage.EYE_SWELLING)
              || growth.saw(GrowthStage.STARTING)
              || growth.saw(GrowthStage.HALF_GROWN);
      if (grows && growth.seen().filter(seen -> seen.on().isAfter(day)).isPresent()) {
        return true;
      }
    }
    return leads.stream()
        .filter(LeadRoots::growing)
        .flatMap(lead -> lead.looks().stream())
        .anyMatch(look -> look.stage().measurable() && look.on().isAfter(day));
  }

  /** Blooming, growing and rooting at once is the growing season, whatever the calendar says. */
  private boolean growsBloomsAndRoots() {
    return bloom.filter(Bloom::inFlower).isPresent()
        && fresh(Items.GROWTH).answer().filter(GrowthStage::growing).isPresent()
        && roots.growing();
  }
}
