package almanac.core.inspection;

import almanac.core.figures.Figure;
import almanac.core.medium.MediumPiece;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * All that is looked at. The order of {@link #inLookingOrder} is the order in which growers look.
 */
public final class Items {
  public static final Item<Leaves> LEAVES =
      of(
              Section.ABOVE,
              "leaves",
              "Leaves",
              "Bend one gently",
              Leaves.class,
              InspectionFigures.ABOVE)
          .seenInPassing();
  public static final Item<Bulbs> BULBS =
      of(
              Section.ABOVE,
              "bulbs",
              "Bulbs or canes",
              "The front ones, not the oldest",
              Bulbs.class,
              InspectionFigures.ABOVE)
          .seenInPassing();
  public static final Item<LeafMarks> LEAF_MARKS =
      of(
              Section.ABOVE,
              "leafMarks",
              "On the leaves",
              "Both sides",
              LeafMarks.class,
              InspectionFigures.ABOVE)
          .several()
          .seenInPassing();
  public static final Item<GrowthStage> GROWTH =
      of(
              Section.GROWTH,
              "growth",
              "Newest growth",
              "How far along it is",
              GrowthStage.class,
              InspectionFigures.GROWTH)
          .perLead()
          .seenInPassing();
  public static final Item<OnlyMeasured> NEW_GROWTHS =
      measured(
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
      measured(
              Section.GROWTH,
              "newestSize",
              "Newest growth, size",
              Measurement.length("bulb or leaf"),
              InspectionFigures.SIZE)
          .perLead();
  public static final Item<OnlyMeasured> FORMER_SIZE =
      measured(
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
          .measured(Measurement.count("spikes"))
          .seenInPassing();
  public static final Item<Stability> STABILITY =
      of(
              Section.STANDING,
              "stability",
              "How it stands",
              "Hold the base and rock it gently",
              Stability.class,
              InspectionFigures.STABILITY)
          .inThisPot()
          .seenInPassing();
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
      measured(
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
      measured(
              Section.MEDIUM,
              "soakIn",
              "Plain water, pH",
              Measurement.ph("before the soak"),
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<OnlyMeasured> SOAK_PH =
      measured(
              Section.MEDIUM,
              "soakPh",
              "Soak-water pH",
              Measurement.ph("lowest settled"),
              InspectionFigures.MEDIUM)
          .inThisPot();
  public static final Item<OnlyMeasured> SALTS =
      measured(
              Section.MEDIUM,
              "salts",
              "Salts in what runs out",
              Measurement.conductivity("first that runs out"),
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
      measured(
          Section.BREAKAGE,
          "tipsBroken",
          "New tips broken",
          Measurement.count("how many"),
          InspectionFigures.BREAKAGE);
  public static final Item<OnlyMeasured> TIPS_IN_ALL =
      measured(
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
      inOrder(
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
          SALTS,
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

  private static final Map<String, Item<?>> BY_KEY =
      IN_LOOKING_ORDER.stream().collect(Collectors.toMap(Item::key, Function.identity()));

  private Items() {}

  private static <A extends Enum<A> & Answer> Item<A> of(
      Section section, String key, String title, String how, Class<A> answers, Figure holdsGood) {
    return new Item<>(section, key, title, how, answers, holdsGood);
  }

  private static Item<OnlyMeasured> measured(
      Section section, String key, String title, Measurement measurement, Figure holdsGood) {
    return of(section, key, title, "", OnlyMeasured.class, holdsGood).measured(measurement);
  }

  private static List<Item<?>> inOrder(Item<?>... items) {
    if (items.length > Long.SIZE) {
      throw new IllegalStateException("One bit for each item: there is room for 64.");
    }
    for (int i = 0; i < items.length; i++) {
      items[i].at(i);
    }
    return List.of(items);
  }

  /** Everything that is looked at, from above the pot down into it. */
  public static List<Item<?>> inLookingOrder() {
    return IN_LOOKING_ORDER;
  }

  /** The item kept under that key, if there is one. */
  public static Optional<Item<?>> named(String key) {
    return Optional.ofNullable(BY_KEY.get(key));
  }
}
