package almanac.core.inspection;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.medium.MediumPiece;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is looked at, with its possible answers. The order of {@link #inLookingOrder} is
 * the order in which growers look.
 *
 * @param <A> its answers
 */
public final class Item<A extends Enum<A> & Answer> {
  public static final Item<Leaves> LEAVES =
      of(
          Section.ABOVE,
          "leaves",
          "Leaves",
          "Bend one gently",
          Leaves.class,
          InspectionFigures.ABOVE);
  public static final Item<Bulbs> BULBS =
      of(
          Section.ABOVE,
          "bulbs",
          "Bulbs or canes",
          "The front ones, not the oldest",
          Bulbs.class,
          InspectionFigures.ABOVE);
  public static final Item<LeafMarks> LEAF_MARKS =
      of(
              Section.ABOVE,
              "leafMarks",
              "On the leaves",
              "Both sides",
              LeafMarks.class,
              InspectionFigures.ABOVE)
          .several();
  public static final Item<GrowthStage> GROWTH =
      of(
              Section.GROWTH,
              "growth",
              "Newest growth",
              "How far along it is",
              GrowthStage.class,
              InspectionFigures.GROWTH)
          .perLead();
  public static final Item<OnlyMeasured> NEW_GROWTHS =
      measuredOnly(
          Section.GROWTH,
          "newGrowths",
          "New growths",
          Measurement.count("how many"),
          InspectionFigures.GROWTH);
  public static final Item<GrowthTrend> GROWTH_TREND =
      of(
          Section.GROWTH,
          "growthTrend",
          "Newest against the last",
          "Compare bulb height or leaf length",
          GrowthTrend.class,
          InspectionFigures.SIZE);
  public static final Item<OnlyMeasured> NEWEST_SIZE =
      measuredOnly(
              Section.GROWTH,
              "newestSize",
              "Newest growth, size",
              Measurement.length("bulb or leaf"),
              InspectionFigures.SIZE)
          .perLead();
  public static final Item<OnlyMeasured> FORMER_SIZE =
      measuredOnly(
              Section.GROWTH,
              "formerSize",
              "The one before, size",
              Measurement.length("bulb or leaf"),
              InspectionFigures.SIZE)
          .perLead();
  public static final Item<Rim> RIM =
      of(
              Section.GROWTH,
              "rim",
              "Lead and rim",
              "From the lead to the rim; below zero is beyond it",
              Rim.class,
              InspectionFigures.RIM)
          .measured(Measurement.distance("distance"))
          .inThisPot()
          .perLead();
  public static final Item<Bloom> BLOOM =
      of(
              Section.STANDING,
              "bloom",
              "Bloom",
              "Spikes, buds, flowers",
              Bloom.class,
              InspectionFigures.BLOOM)
          .measured(Measurement.count("spikes"));
  public static final Item<Stability> STABILITY =
      of(
              Section.STANDING,
              "stability",
              "How it stands",
              "Hold the base and rock it gently",
              Stability.class,
              InspectionFigures.STABILITY)
          .inThisPot();
  public static final Item<SurfaceLevel> LEVEL =
      of(
              Section.SURFACE,
              "level",
              "Level",
              "The surface against the plant's base",
              SurfaceLevel.class,
              InspectionFigures.SURFACE)
          .measured(Measurement.length("risen"))
          .inThisPot();
  public static final Item<Surface> SURFACE =
      of(
              Section.SURFACE,
              "surface",
              "On the surface",
              "Moss, algae, weeds, mould",
              Surface.class,
              InspectionFigures.SURFACE)
          .several()
          .inThisPot();
  public static final Item<SurfaceRoots> SURFACE_ROOTS =
      of(
              Section.SURFACE,
              "surfaceRoots",
              "Roots above",
              "Before they go in, or never reaching it",
              SurfaceRoots.class,
              InspectionFigures.SURFACE)
          .several()
          .inThisPot();
  public static final Item<RootStage> NEW_ROOTS =
      of(
              Section.ROOTS,
              "newRoots",
              "Newest roots",
              "At the base of the newest growth",
              RootStage.class,
              InspectionFigures.NEW_ROOTS_GROWING)
          .measured(Measurement.length("longest"))
          .inThisPot()
          .perLead();
  public static final Item<RootTips> ROOT_TIPS =
      of(
              Section.ROOTS,
              "rootTips",
              "Their tips",
              "Green, red or white is growing",
              RootTips.class,
              InspectionFigures.NEW_ROOTS_GROWING)
          .inThisPot()
          .perLead();
  public static final Item<RootsInPot> ROOTS_IN_POT =
      of(
              Section.ROOTS,
              "rootsInPot",
              "Roots in the pot",
              "Squeeze one: firm is alive, soft or hollow is dead",
              RootsInPot.class,
              InspectionFigures.ROOTS_IN_POT)
          .measured(Measurement.percent("dead"))
          .inThisPot();
  public static final Item<ThroughWall> THROUGH_WALL =
      of(
              Section.ROOTS,
              "throughWall",
              "Roots through the wall",
              "Turn the clear pot round before a lamp",
              ThroughWall.class,
              InspectionFigures.ROOTS_IN_POT)
          .inThisPot();
  public static final Item<RootsCrowding> CROWDING =
      of(
              Section.ROOTS,
              "crowding",
              "Crowding",
              "Through the wall and at the holes",
              RootsCrowding.class,
              InspectionFigures.ROOTS_IN_POT)
          .several()
          .inThisPot();
  public static final Item<MediumPiece> MEDIUM_PIECE =
      of(
              Section.MEDIUM,
              "mediumPiece",
              "Medium piece",
              "Take one from under the surface and press it",
              MediumPiece.class,
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<Smell> SMELL =
      of(
              Section.MEDIUM,
              "smell",
              "Smell",
              "At the holes, after watering",
              Smell.class,
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<Wetness> WETNESS =
      of(
              Section.MEDIUM,
              "wetness",
              "How wet it is now",
              "A finger under the surface",
              Wetness.class,
              InspectionFigures.WETNESS)
          .inThisPot();
  public static final Item<OnlyMeasured> DAYS_TO_DRY =
      measuredOnly(
              Section.MEDIUM,
              "daysToDry",
              "Days to dry",
              Measurement.days("from watering"),
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<Bubbles> BUBBLES =
      of(
              Section.MEDIUM,
              "bubbles",
              "Bubbles",
              "Flood the pot and watch",
              Bubbles.class,
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<Sinking> SINKING =
      of(
              Section.MEDIUM,
              "sinking",
              "Water sinks",
              "When the pot is flooded",
              Sinking.class,
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<OnlyMeasured> SOAK_IN =
      measuredOnly(
              Section.MEDIUM,
              "soakIn",
              "Plain water, pH",
              Measurement.ph("before the soak"),
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<OnlyMeasured> SOAK_PH =
      measuredOnly(
              Section.MEDIUM,
              "soakPh",
              "Soak-water pH",
              Measurement.ph("lowest settled"),
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<Pests> PESTS =
      of(
              Section.PESTS,
              "pests",
              "Pests",
              "Undersides, sheaths, medium",
              Pests.class,
              InspectionFigures.PESTS)
          .several();
  public static final Item<PestPlace> PEST_PLACE =
      of(
              Section.PESTS,
              "pestPlace",
              "Where",
              "Where the pests were",
              PestPlace.class,
              InspectionFigures.PESTS)
          .several();
  public static final Item<Rot> ROT =
      of(
              Section.PESTS,
              "rot",
              "Rot and disease",
              "Bulbs, lead, crown, cut faces, flowers",
              Rot.class,
              InspectionFigures.PESTS)
          .several();
  public static final Item<Plug> PLUG =
      of(
              Section.POT,
              "plug",
              "Old plug",
              "In the middle of the root ball",
              Plug.class,
              InspectionFigures.POT)
          .inThisPot();
  public static final Item<PotState> POT =
      of(Section.POT, "pot", "Pot", "Its wall and its size", PotState.class, InspectionFigures.POT)
          .several()
          .inThisPot();
  public static final Item<Tag> TAG =
      of(Section.POT, "tag", "Tag", "Name and date", Tag.class, InspectionFigures.POT);
  public static final Item<Company> COMPANY =
      of(
              Section.POT,
              "company",
              "Plants in the pot",
              "One, or several",
              Company.class,
              InspectionFigures.POT)
          .inThisPot();
  public static final Item<Parts> PARTS =
      of(
          Section.POT,
          "parts",
          "How it would part",
          "Growths with a lead and roots of their own",
          Parts.class,
          InspectionFigures.SIZE);

  public static final Item<Breakage> BREAKAGE =
      of(
              Section.BREAKAGE,
              "breakage",
              "Found broken",
              "By accident, or at the last move",
              Breakage.class,
              InspectionFigures.BREAKAGE)
          .several();
  public static final Item<OnlyMeasured> TIPS_BROKEN =
      measuredOnly(
          Section.BREAKAGE,
          "tipsBroken",
          "New tips broken",
          Measurement.count("how many"),
          InspectionFigures.BREAKAGE);
  public static final Item<OnlyMeasured> TIPS_IN_ALL =
      measuredOnly(
          Section.BREAKAGE,
          "tipsInAll",
          "New tips in all",
          Measurement.count("of how many"),
          InspectionFigures.BREAKAGE);
  public static final Item<Wound> WOUND =
      of(
          Section.BREAKAGE,
          "wound",
          "The wound",
          "Touch it with a dry paper",
          Wound.class,
          InspectionFigures.BREAKAGE);

  private static final List<Item<?>> IN_LOOKING_ORDER =
      List.of(
          LEAVES,
          BULBS,
          LEAF_MARKS,
          NEW_GROWTHS,
          GROWTH,
          GROWTH_TREND,
          NEWEST_SIZE,
          FORMER_SIZE,
          RIM,
          BLOOM,
          STABILITY,
          LEVEL,
          SURFACE,
          SURFACE_ROOTS,
          NEW_ROOTS,
          ROOT_TIPS,
          ROOTS_IN_POT,
          THROUGH_WALL,
          CROWDING,
          MEDIUM_PIECE,
          SMELL,
          WETNESS,
          DAYS_TO_DRY,
          BUBBLES,
          SINKING,
          SOAK_IN,
          SOAK_PH,
          PESTS,
          PEST_PLACE,
          ROT,
          PLUG,
          POT,
          TAG,
          COMPANY,
          PARTS,
          BREAKAGE,
          TIPS_BROKEN,
          TIPS_IN_ALL,
          WOUND);

  static {
    for (int i = 0; i < IN_LOOKING_ORDER.size(); i++) {
      IN_LOOKING_ORDER.get(i).place = i;
    }
  }

  private static final Map<String, Item<?>> BY_KEY =
      IN_LOOKING_ORDER.stream().collect(Collectors.toMap(Item::key, Function.identity()));

  private final Section section;
  private final String key;
  private final String title;
  private final String how;
  private final Class<A> answers;
  private final List<A> answerList;
  private final Figure holdsGood;
  private final LookSpot spot = new LookSpot(this, Lead.FIRST);
  private @Nullable Measurement measurement;
  private boolean several;
  private boolean inThisPot;
  private boolean ofALead;
  private int place;

  private Item(
      Section section, String key, String title, String how, Class<A> answers, Figure holdsGood) {
    this.section = section;
    this.key = key;
    this.title = title;
    this.how = how;
    this.answers = answers;
    this.answerList = List.of(answers.getEnumConstants());
    this.holdsGood = holdsGood;
  }

  private static <A extends Enum<A> & Answer> Item<A> of(
      Section section, String key, String title, String how, Class<A> answers, Figure holdsGood) {
    return new Item<>(section, key, title, how, answers, holdsGood);
  }

  private static Item<OnlyMeasured> measuredOnly(
      Section section, String key, String title, Measurement measurement, Figure holdsGood) {
    return of(section, key, title, "", OnlyMeasured.class, holdsGood).measured(measurement);
  }

  private Item<A> measured(Measurement what) {
    measurement = what;
    return this;
  }

  private Item<A> several() {
    several = true;
    return this;
  }

  private Item<A> perLead() {
    ofALead = true;
    return this;
  }

  private Item<A> inThisPot() {
    inThisPot = true;
    return this;
  }

  /** Everything that is looked at, from above the pot down into it. */
  public static List<Item<?>> inLookingOrder() {
    return IN_LOOKING_ORDER;
  }

  /** The item kept under that key, if there is one. */
  public static Optional<Item<?>> named(String key) {
    return Optional.ofNullable(BY_KEY.get(key));
  }

  /** Where in the look over a plant it comes. */
  public Section section() {
    return section;
  }

  /** The name under which it is kept. */
  public String key() {
    return key;
  }

  /** As a heading. */
  public String title() {
    return title;
  }

  /** How to look. */
  public String how() {
    return how;
  }

  /** How many days a look speaks for the plant. */
  public Figure holdsGood() {
    return holdsGood;
  }

  /** Whether several answers may hold at once. */
  public boolean takesSeveral() {
    return several;
  }

  /** Whether a look speaks only for the pot it was made in; a move makes it void. */
  public boolean ofThisPot() {
    return inThisPot;
  }

  /** Whether each lead has its own. */
  public boolean ofALead() {
    return ofALead;
  }

  /** Its place in the looking order, from 0. */
  public int place() {
    return place;
  }

  /** One bit for each item, so that many can be looked for at once. */
  public long bit() {
    return 1L << place;
  }

  /** Its possible answers; none for what is only measured. */
  public List<A> answers() {
    return answerList;
  }

  /** What is measured here, if anything is. */
  public Optional<Measurement> measurement() {
    return Optional.ofNullable(measurement);
  }

  /** The thing itself, on the first lead. */
  LookSpot spot() {
    return spot;
  }

  /** One plain answer, such as a test or a question of what would follow uses it. */
  public Finding<A> saw(A answer) {
    return new Finding<>(Set.of(answer), OptionalDouble.empty());
  }

  /**
   * What was found, checked for sense.
   *
   * @param names the names of answers; none if only a measure was taken
   * @param measured the measure that goes with them; null if none was taken
   * @throws almanac.core.refusals.Refused naming the field, if an answer is unknown, the measure
   *     makes no sense, or they contradict each other
   */
  public Finding<A> found(Collection<String> names, @Nullable Double measured, Figures figures) {
    return found(Lead.FIRST, names, measured, figures);
  }

  /** The same on one of several leads, whose letter the fields then name. */
  public Finding<A> found(
      Lead lead, Collection<String> names, @Nullable Double measured, Figures figures) {
    return new EnteredLook<>(this, lead).checked(names, measured, figures);
  }

  /**
   * A finding as it was kept; what made sense when it was written down is not questioned again.
   *
   * @throws IllegalArgumentException if there is no such answer
   */
  public Finding<A> kept(Collection<String> names, @Nullable Double measured) {
    return finding(
        names.stream().map(name -> Enum.valueOf(answers, name)).collect(Collectors.toSet()),
        measured);
  }

  Finding<A> finding(Set<A> found, @Nullable Double measured) {
    return new Finding<>(
        Set.copyOf(found), measured == null ? OptionalDouble.empty() : OptionalDouble.of(measured));
  }

  /** The answer of that name, if it is one. */
  Optional<A> answer(String name) {
    return answers().stream().filter(each -> each.name().equals(name)).findFirst();
  }

  /** The type of its answers, for those that treat one kind of answer in their own way. */
  Set<A> cast(Enum<?> answer) {
    return Set.of(answers.cast(answer));
  }

  @Override
  public String toString() {
    return key;
  }
}
