package almanac.core.rhizome;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Growths between two fronts that give nothing more: spent, and wrinkled or without a live root of
 * their own. They are cut out before the fronts are bunched. Rules: Dividing.
 */
final class BareMiddle {
  private BareMiddle() {}

  /**
   * The growths of it; none if the middle is not bare, or the fronts could not do without it.
   *
   * @param gone growths that are cut out for rot
   * @param least so many firm growths a piece of its kind needs
   */
  static Set<Integer> of(RhizomeMap map, Set<Integer> gone, int least) {
    var bare =
        IntStream.range(0, map.growths().size())
            .filter(i -> !gone.contains(i) && gives(map.growths().get(i)) == 0)
            .boxed()
            .collect(Collectors.toSet());
    var middle = new HashSet<Integer>();
    for (var run : map.parts(RotCut.joints(map, bare))) {
      if (bare.contains(run.get(0)) && between(map, run, gone, least)) {
        middle.addAll(run);
      }
    }
    return middle;
  }

  private static int gives(MapGrowth growth) {
    return growth.goesOn() || growth.newRoots() ? 1 : growth.firm() ? growth.roots() : 0;
  }

  private static boolean between(RhizomeMap map, List<Integer> run, Set<Integer> gone, int least) {
    var without = new HashSet<>(gone);
    without.addAll(run);
    var beside =
        RotCut.joints(map, Set.copyOf(run)).stream()
            .map(map.joints()::get)
            .flatMap(joint -> List.of(joint.one(), joint.other()).stream())
            .map(map.numbers()::get)
            .filter(growth -> !without.contains(growth))
            .collect(Collectors.toSet());
    var left =
        map.parts(RotCut.joints(map, without)).stream()
            .filter(part -> part.stream().anyMatch(beside::contains))
            .map(part -> new Piece(part.stream().map(map.growths()::get).toList(), least))
            .toList();
    return left.size() > 1 && left.stream().allMatch(Piece::sound);
  }
}
