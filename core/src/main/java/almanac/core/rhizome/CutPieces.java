package almanac.core.rhizome;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** The pieces that cuts leave. What is rotten never stays at what is to live. */
final class CutPieces {
  private static final Comparator<Piece> STRONGEST_FIRST =
      Comparator.comparing(Piece::rotten)
          .thenComparing(piece -> !piece.sound())
          .thenComparing(Comparator.comparingInt(Piece::firm).reversed());

  private CutPieces() {}

  /**
   * @param cuts the joints that are cut; those between rot and what lives are cut besides
   * @param least so many firm growths a piece of its kind needs
   * @return the strongest first, what is rotten last
   */
  static List<Piece> of(RhizomeMap map, List<Integer> cuts, int least) {
    var all = new TreeSet<>(cuts);
    for (var part : map.parts(cuts)) {
      all.addAll(RotCut.joints(map, goesWithTheRot(map, part, cuts)));
    }
    return map.parts(List.copyOf(all)).stream()
        .map(part -> new Piece(part.stream().map(map.growths()::get).toList(), least))
        .sorted(STRONGEST_FIRST)
        .toList();
  }

  /** The joints that lie between pieces. */
  static List<Integer> joints(RhizomeMap map, List<Piece> pieces) {
    var cuts = new TreeSet<Integer>();
    for (var piece : pieces) {
      var names = piece.growths().stream().map(MapGrowth::name).toList();
      for (int i = 0; i < map.joints().size(); i++) {
        var joint = map.joints().get(i);
        if (names.contains(joint.one()) != names.contains(joint.other())) {
          cuts.add(i);
        }
      }
    }
    return List.copyOf(cuts);
  }

  /** The rotten growths of a part, and a single spent one that a cut leaves at them. */
  private static Set<Integer> goesWithTheRot(
      RhizomeMap map, List<Integer> part, List<Integer> cuts) {
    var soft = new HashSet<>(part);
    soft.removeIf(i -> !map.growths().get(i).soft());
    var gone = new HashSet<>(soft);
    if (soft.isEmpty()) {
      return gone;
    }
    var edges = new ArrayList<>(cuts);
    edges.addAll(RotCut.joints(map, soft));
    for (var left : map.parts(edges)) {
      boolean atTheRot = part.containsAll(left) && !soft.contains(left.get(0));
      if (atTheRot && left.size() == 1 && cutOff(map, left.get(0), cuts)) {
        gone.addAll(left);
      }
    }
    return gone;
  }

  private static boolean cutOff(RhizomeMap map, int growth, List<Integer> cuts) {
    var name = map.growths().get(growth).name();
    return !map.growths().get(growth).goesOn()
        && cuts.stream().anyMatch(cut -> map.joints().get(cut).from(name).isPresent());
  }
}
