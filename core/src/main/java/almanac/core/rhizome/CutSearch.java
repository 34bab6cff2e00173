package almanac.core.rhizome;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The cuts that leave most sound pieces and nothing else: exact, by trying for every growth what
 * the piece it lies in may still need. Of those with as many pieces, the one with fewest cuts
 * through sound rhizome; of these, the one whose pieces are most alike. Rules: Dividing.
 */
final class CutSearch {
  private final RhizomeMap map;
  private final int least;
  private final List<List<int[]>> neighbours = new ArrayList<>();

  /**
   * @param least so many firm growths a piece needs
   */
  CutSearch(RhizomeMap map, int least) {
    this.map = map;
    this.least = least;
    var number = new HashMap<String, Integer>();
    for (int i = 0; i < map.growths().size(); i++) {
      number.put(map.growths().get(i).name(), i);
      neighbours.add(new ArrayList<>());
    }
    for (int i = 0; i < map.joints().size(); i++) {
      int one = number.get(map.joints().get(i).one());
      int other = number.get(map.joints().get(i).other());
      neighbours.get(one).add(new int[] {other, i});
      neighbours.get(other).add(new int[] {one, i});
    }
  }

  /** What the piece that is still open has so far; more firm growths than it needs do not count. */
  private record Open(int size, int firm, boolean front, boolean roots) {
    Open and(Open other, int least) {
      return new Open(
          size + other.size,
          Math.min(least, firm + other.firm),
          front || other.front,
          roots || other.roots);
    }
  }

  /** Cuts, one added to others. */
  private record Cuts(int joint, @Nullable Cuts others) {}

  /**
   * What was cut below.
   *
   * @param closed how many sound pieces
   * @param through how many cuts through sound rhizome
   * @param squares sum of the squares of their sizes
   */
  record Cost(int closed, int through, int squares) {
    boolean betterThan(Cost other) {
      if (closed != other.closed) {
        return closed > other.closed;
      }
      return through != other.through ? through < other.through : squares < other.squares;
    }

    Cost and(Cost other) {
      return new Cost(closed + other.closed, through + other.through, squares + other.squares);
    }

    Cost closing(int size, boolean natural) {
      return new Cost(closed + 1, through + (natural ? 0 : 1), squares + size * size);
    }
  }

  private record Way(Cost cost, @Nullable Cuts cuts) {}

  /**
   * The best cuts in what hangs together with a growth.
   *
   * @param start the number of any of its growths
   * @param within which growths it consists of
   * @return the joints to cut; null if it cannot be one sound piece even whole
   */
  @Nullable List<Integer> best(int start, List<Integer> within) {
    Way best = null;
    for (var open : ways(start, -1, within).entrySet()) {
      if (sound(open.getKey())) {
        var way =
            new Way(open.getValue().cost.closing(open.getKey().size, true), open.getValue().cuts);
        best = best == null || way.cost.betterThan(best.cost) ? way : best;
      }
    }
    if (best == null) {
      return null;
    }
    var cuts = new ArrayList<Integer>();
    for (var cut = best.cuts; cut != null; cut = cut.others) {
      cuts.add(cut.joint);
    }
    cuts.sort(null);
    return cuts;
  }

  private boolean sound(Open open) {
    return open.firm >= least && open.front && open.roots;
  }

  private Map<Open, Way> ways(int at, int from, List<Integer> within) {
    var growth = map.growths().get(at);
    Map<Open, Way> ways = new HashMap<>();
    ways.put(
        new Open(1, Math.min(least, growth.firm() ? 1 : 0), growth.goesOn(), growth.rooted()),
        new Way(new Cost(0, 0, 0), null));
    for (var next : neighbours.get(at)) {
      if (next[0] != from && within.contains(next[0])) {
        ways = joined(ways, ways(next[0], at, within), next[1]);
      }
    }
    return ways;
  }

  private Map<Open, Way> joined(Map<Open, Way> here, Map<Open, Way> there, int joint) {
    boolean natural = map.joints().get(joint).natural();
    var all = new HashMap<Open, Way>();
    there.forEach(
        (far, beyond) -> {
          boolean mayBeCut = sound(far);
          var closed = beyond.cost.closing(far.size, natural);
          here.forEach(
              (near, way) -> {
                var cuts = together(way.cuts, beyond.cuts);
                put(all, near.and(far, least), new Way(way.cost.and(beyond.cost), cuts));
                if (mayBeCut) {
                  put(all, near, new Way(way.cost.and(closed), new Cuts(joint, cuts)));
                }
              });
        });
    return all;
  }

  private static @Nullable Cuts together(@Nullable Cuts some, @Nullable Cuts more) {
    var all = some;
    for (var cut = more; cut != null; cut = cut.others) {
      all = new Cuts(cut.joint, all);
    }
    return all;
  }

  private static void put(Map<Open, Way> ways, Open open, Way way) {
    var known = ways.get(open);
    if (known == null || way.cost.betterThan(known.cost)) {
      ways.put(open, way);
    }
  }
}
