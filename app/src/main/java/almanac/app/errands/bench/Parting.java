package almanac.app.errands.bench;

import almanac.app.errands.bench.dividing.Cuts;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Paths;
import almanac.app.record.entries.PotEntry;
import almanac.core.bench.Task;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.kinds.Habit;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.pot.Pot;
import almanac.core.rhizome.CutPlans;
import almanac.core.rhizome.Growths;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.Piece;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.rhizome.Sketch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a plant is drawn in a job, and into what it is parted.
 *
 * @param map as it was told, or as it is proposed
 * @param told whether somebody drew it
 * @param pieces the strongest first; one that is the whole plant if nothing is cut
 */
record Parting(RhizomeMap map, boolean told, List<Parted> pieces) {

  /**
   * One piece with what becomes of it.
   *
   * @param key the name of its first growth
   * @param pot the one it goes into, if it was told
   * @param potItem that pot in the stock, if it is taken from there
   */
  record Parted(
      String key, Piece piece, PieceFate fate, Optional<Pot> pot, @Nullable UUID potItem) {}

  /** Whether a plant of a kind is drawn at all: those of one stem have no rhizome. */
  static boolean drawn(Kind kind) {
    return kind.of(Trait.HABIT) == Habit.SYMPODIAL;
  }

  /**
   * @param parts whether the job has a step at which it is cut
   * @throws BadEntry naming the entry, if it is no rhizome, or no piece stays the plant itself
   */
  static Parting of(JobTold told, Plant whole, Kind kind, boolean parts) {
    var cutting = told.cutting();
    var map =
        cutting.map() == null
            ? sketch(whole, kind)
            : Paths.under("dividing.map", cutting.map()::map);
    if (!parts || told.skipped().contains(Task.PART)) {
      return new Parting(map, cutting.map() != null, List.of());
    }
    Paths.under(
        "dividing",
        () -> {
          Cuts.refuseUnknown(cutting.cuts(), map);
          return map;
        });
    var pieces = CutPlans.pieces(map, cutting.cuts(), kind.of(Trait.LEAST_GROWTHS));
    var parted = new ArrayList<Parted>();
    for (var piece : pieces) {
      parted.add(parted(piece, cutting, parted.isEmpty()));
    }
    if (parted.stream().noneMatch(piece -> piece.fate() == PieceFate.STAYS)) {
      throw new BadEntry("dividing.pieces", "Say which piece stays the plant itself.");
    }
    return new Parting(map, cutting.map() != null, List.copyOf(parted));
  }

  /** A map to begin with: as it was drawn last, or as the looks at it tell. */
  static RhizomeMap sketch(Plant whole, Kind kind) {
    return Sketch.of(Growths.of(whole.history().life()), kind, last(whole));
  }

  /** As it was drawn last, if it was. */
  static Optional<RhizomeMap> last(Plant whole) {
    return whole.journal().holding().stream()
        .map(line -> line.happening())
        .filter(Happening.Mapped.class::isInstance)
        .map(happening -> ((Happening.Mapped) happening).map())
        .reduce((one, newer) -> newer);
  }

  private static Parted parted(Piece piece, JobTold.DividingEntry cutting, boolean first) {
    var key = piece.growths().get(0).name();
    var told = cutting.pieces().get(key);
    if (told == null) {
      var fate = first ? PieceFate.STAYS : piece.sound() ? PieceFate.POTTED : PieceFate.OUT;
      return new Parted(key, piece, fate, Optional.empty(), null);
    }
    var pot =
        told.pot() == null
            ? Optional.<Pot>empty()
            : Optional.of(Paths.under("dividing.pieces." + key, () -> PotEntry.pot(told.pot())));
    return new Parted(key, piece, told.fate(), pot, told.potItem());
  }

  /** Those that are plants of their own from now on, in the collection or with somebody else. */
  List<Parted> daughters() {
    return pieces.stream()
        .filter(piece -> piece.fate() == PieceFate.POTTED || piece.fate() == PieceFate.GIVEN_AWAY)
        .toList();
  }

  /** What stays the plant itself; where several pieces do, they lie loose beside each other. */
  RhizomeMap stays() {
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
