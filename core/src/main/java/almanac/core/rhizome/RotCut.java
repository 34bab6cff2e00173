package almanac.core.rhizome;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * How rot is cut out: with one sound growth beyond it wherever the plant can spare one, because rot
 * runs ahead inside the rhizome. Rules: Dividing.
 */
final class RotCut {
  private final RhizomeMap map;
  private final int least;
  private final Set<Integer> gone;

  private RotCut(RhizomeMap map, int least) {
    this.map = map;
    this.least = least;
    this.gone =
        IntStream.range(0, map.growths().size())
            .filter(i -> soft(i))
            .boxed()
            .collect(Collectors.toCollection(TreeSet::new));
  }

  /**
   * The growths that go: the rotten ones, and those beyond them that can be spared.
   *
   * @param least so many firm growths a piece of its kind needs
   */
  static Set<Integer> gone(RhizomeMap map, int least) {
    var cut = new RotCut(map, least);
    for (int beyond : cut.beyond()) {
      if (!cut.gone.contains(beyond) && cut.spares(beyond)) {
        cut.gone.add(beyond);
      }
    }
    return cut.gone;
  }

  /** The joints between what goes and what stays. */
  static List<Integer> joints(RhizomeMap map, Set<Integer> gone) {
    var numbers = map.numbers();
    return IntStream.range(0, map.joints().size())
        .filter(
            i -> {
              var joint = map.joints().get(i);
              return gone.contains(numbers.get(joint.one()))
                  != gone.contains(numbers.get(joint.other()));
            })
        .boxed()
        .toList();
  }

  private boolean soft(int growth) {
    return map.growths().get(growth).soft();
  }

  private List<Integer> beyond() {
    var beyond = new ArrayList<Integer>();
    for (int joint : joints(map, gone)) {
      for (var name : List.of(map.joints().get(joint).one(), map.joints().get(joint).other())) {
        int growth = map.numbers().get(name);
        if (!gone.contains(growth)) {
          beyond.add(growth);
        }
      }
    }
    return beyond;
  }

  /** Whether a sound piece is left without it, and nothing that goes on is left too weak. */
  private boolean spares(int growth) {
    if (map.growths().get(growth).goesOn()) {
      return false;
    }
    var part = partsWithout(gone).stream().filter(each -> each.contains(growth)).findFirst();
    var without = new HashSet<>(gone);
    without.add(growth);
    var left =
        partsWithout(without).stream()
            .filter(each -> part.orElseThrow().containsAll(each))
            .map(each -> new Piece(each.stream().map(map.growths()::get).toList(), least))
            .toList();
    return left.stream().anyMatch(Piece::sound)
        && left.stream()
            .allMatch(
                piece -> piece.sound() || piece.growths().stream().noneMatch(MapGrowth::goesOn));
  }

  private List<List<Integer>> partsWithout(Set<Integer> without) {
    return map.parts(joints(map, without)).stream()
        .filter(part -> part.stream().noneMatch(without::contains))
        .toList();
  }
}
