package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.medium.Mix;
import almanac.core.pot.Pot;
import almanac.core.refusals.Refused;
import almanac.core.rhizome.CutPlans;
import almanac.core.rhizome.Growths;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.LeadPace;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.Piece;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.rhizome.Sketch;
import almanac.core.tally.RootTally;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * How a plant is drawn in a job, and into what it is parted.
 *
 * @param map as it was told, or as it is proposed
 * @param told whether somebody drew it
 * @param pace how many growths its leads make in a year
 * @param pieces the strongest first; one that is the whole plant if nothing is cut
 */
public record Parting(RhizomeMap map, boolean told, LeadPace pace, List<Parted> pieces) {
  private static final int LETTERS = 26;

  /**
   * One piece with what becomes of it.
   *
   * @param key the name of its first growth
   * @param pot the one it goes into, if it was told
   * @param potItem that pot in the stock, if it is taken from there
   * @param to to whom it is given; may be empty
   * @param mix what it goes into, if that was told
   * @param tally what became of its own roots; empty where they were not counted by themselves
   */
  public record Parted(
      String key,
      Piece piece,
      PieceFate fate,
      Optional<Pot> pot,
      Optional<UUID> potItem,
      String to,
      Optional<Mix> mix,
      RootTally tally) {}

  /** Whether a plant of a kind is drawn at all: those of one stem have no rhizome. */
  public static boolean drawn(Kind kind) {
    return kind.of(Trait.HABIT) == Habit.SYMPODIAL;
  }

  /**
   * @param parts whether the job has a step at which it is cut, and somebody takes it
   * @throws Refused naming the entry, if a cut goes through no joint, or no piece stays the plant
   *     itself
   */
  static Parting of(
      ToldAtBench.Cutting told, Plant whole, Kind kind, boolean parts, Figures figures) {
    var map = told.map().orElseGet(() -> sketch(whole, kind));
    var pace = LeadPace.seen(kind, whole.history().life(), figures);
    if (!parts) {
      return new Parting(map, told.map().isPresent(), pace, List.of());
    }
    refuseUnknown("dividing.", told.cuts(), map);
    var parted = new ArrayList<Parted>();
    for (var piece : CutPlans.pieces(map, told.cuts(), kind.of(Trait.LEAST_GROWTHS))) {
      parted.add(parted(piece, told, parted.isEmpty()));
    }
    if (parted.stream().noneMatch(piece -> piece.fate() == PieceFate.STAYS)) {
      throw new Refused(new JobField("dividing.pieces"), "Say which piece stays the plant itself.");
    }
    return new Parting(map, told.map().isPresent(), pace, List.copyOf(parted));
  }

  /**
   * @param within where the cuts stand: {@code "dividing."}
   * @throws Refused naming a cut that goes through no joint, such as through a growth
   */
  public static void refuseUnknown(String within, List<Integer> cuts, RhizomeMap map) {
    for (int i = 0; i < cuts.size(); i++) {
      if (cuts.get(i) < 0 || cuts.get(i) >= map.joints().size()) {
        throw new Refused(
            new JobField("%scuts[%d]".formatted(within, i)),
            "There is no such joint to cut; never cut through a growth.");
      }
    }
  }

  /** A map to begin with: as it was drawn last, or as the looks at it tell. */
  public static RhizomeMap sketch(Plant whole, Kind kind) {
    return Sketch.of(Growths.of(whole.history().life()), kind, last(whole));
  }

  /** As it was drawn last, if it was. */
  public static Optional<RhizomeMap> last(Plant whole) {
    return whole.journal().holding().stream()
        .map(line -> line.happening())
        .filter(Happening.Mapped.class::isInstance)
        .map(happening -> ((Happening.Mapped) happening).map())
        .reduce((one, newer) -> newer);
  }

  private static Parted parted(Piece piece, ToldAtBench.Cutting cutting, boolean first) {
    var key = piece.growths().get(0).name();
    var told = cutting.pieces().get(key);
    if (told == null) {
      boolean lives = piece.sound() || piece.gamble();
      var fate = first ? PieceFate.STAYS : lives ? PieceFate.POTTED : PieceFate.OUT;
      return new Parted(
          key,
          piece,
          fate,
          Optional.empty(),
          Optional.empty(),
          "",
          Optional.empty(),
          RootTally.EMPTY);
    }
    return new Parted(
        key, piece, told.fate(), told.pot(), told.potItem(), told.to(), told.mix(), told.tally());
  }

  /** Those that are plants of their own from now on, in the collection or with somebody else. */
  public List<Parted> daughters() {
    return pieces.stream()
        .filter(piece -> piece.fate() == PieceFate.POTTED || piece.fate() == PieceFate.GIVEN_AWAY)
        .toList();
  }

  /**
   * The letter of a piece, A to Z: they go by the growths of the map, so that a piece keeps its own
   * whichever is the strongest.
   */
  public String letter(Parted piece) {
    long before = pieces.stream().filter(other -> firstOf(other) < firstOf(piece)).count();
    return String.valueOf((char) ('A' + before % LETTERS));
  }

  /** The letter of the piece into which a growth falls; nothing where there is but one. */
  public Optional<String> letterAt(MapGrowth growth) {
    return pieces.size() < 2
        ? Optional.empty()
        : pieces.stream()
            .filter(piece -> piece.piece().growths().contains(growth))
            .map(this::letter)
            .findFirst();
  }

  private int firstOf(Parted piece) {
    return piece.piece().growths().stream().mapToInt(map.growths()::indexOf).min().orElse(0);
  }

  /** What stays the plant itself; where several pieces do, they lie loose beside each other. */
  public RhizomeMap stays() {
    if (pieces.isEmpty()) {
      return map;
    }
    var staying = pieces.stream().filter(piece -> piece.fate() == PieceFate.STAYS).toList();
    var growths = new ArrayList<MapGrowth>();
    var joints = new ArrayList<Joint>();
    for (var each : staying) {
      var part = map.only(each.piece().growths());
      if (!growths.isEmpty()) {
        joints.add(
            new Joint(growths.get(growths.size() - 1).name(), part.growths().get(0).name(), true));
      }
      growths.addAll(part.growths());
      joints.addAll(part.joints());
    }
    return new RhizomeMap(growths, joints);
  }
}
