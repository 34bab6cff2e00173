package almanac.core.rhizome;

import almanac.core.figures.Figures;
import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.pot.Outline;
import almanac.core.pot.PlaceFigures;
import almanac.core.pot.Spot;
import almanac.core.refusals.Refused;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A rhizome as a tree: growths, and the joints between them. Immutable. Rules: Dividing.
 *
 * @param growths at least one
 * @param joints one less than growths, so that all hang together and nothing goes round
 */
public record RhizomeMap(List<MapGrowth> growths, List<Joint> joints) {
  /** Nobody divides a larger plant by a map. */
  public static final int MOST = 60;

  private static final int MOST_ROOTS = 999;

  /**
   * @throws Refused naming the entry, if a name is missing or stands twice, a joint leads nowhere,
   *     or the growths form a circle or islands
   */
  public RhizomeMap {
    growths = List.copyOf(growths);
    joints = List.copyOf(joints);
    if (growths.isEmpty() || growths.size() > MOST) {
      throw new Refused(new MapField("growths"), "A map has from 1 to %d growths.".formatted(MOST));
    }
    var numbers = new HashMap<String, Integer>();
    for (int i = 0; i < growths.size(); i++) {
      var growth = growths.get(i);
      if (growth.name().isBlank() || numbers.put(growth.name(), i) != null) {
        throw new Refused(
            new MapField("growths[%d].name".formatted(i)), "Each growth needs a name of its own.");
      }
      if (growth.roots() < 0 || growth.roots() > MOST_ROOTS) {
        throw new Refused(
            new MapField("growths[%d].roots".formatted(i)), "Count from 0 to 999 roots.");
      }
    }
    refuseBadJoints(growths, joints, numbers);
  }

  private static void refuseBadJoints(
      List<MapGrowth> growths, List<Joint> joints, Map<String, Integer> numbers) {
    var root = new int[growths.size()];
    for (int i = 0; i < root.length; i++) {
      root[i] = i;
    }
    for (int i = 0; i < joints.size(); i++) {
      var joint = joints.get(i);
      var field = new MapField("joints[%d]".formatted(i));
      var one = numbers.get(joint.one());
      var other = numbers.get(joint.other());
      if (one == null || other == null) {
        throw new Refused(field, "A joint leads from one growth of the map to another.");
      }
      int from = find(root, one);
      int to = find(root, other);
      if (from == to) {
        throw new Refused(field, "With this joint the rhizome would go round in a circle.");
      }
      root[from] = to;
    }
    if (joints.size() != growths.size() - 1) {
      throw new Refused(
          new MapField("joints"), "The growths do not hang together: a joint is missing.");
    }
  }

  private static int find(int[] root, int at) {
    int found = at;
    while (root[found] != found) {
      found = root[found];
    }
    return found;
  }

  /** The growth of that name. */
  Optional<MapGrowth> named(String name) {
    return growths.stream().filter(growth -> growth.name().equals(name)).findFirst();
  }

  /** The places of the growths in the list, by their names. */
  Map<String, Integer> numbers() {
    var numbers = new HashMap<String, Integer>();
    IntStream.range(0, growths.size()).forEach(i -> numbers.put(growths.get(i).name(), i));
    return numbers;
  }

  /** How many of its growths go on by themselves: leads that are not rotten. */
  public long leads() {
    return growths.stream().filter(growth -> heading(growth).isPresent()).count();
  }

  /**
   * Seen from above, with the years to come.
   *
   * @param pace how many growths each of its leads makes in a year
   */
  public Outline outline(Kind kind, LeadPace pace, Figures figures) {
    double step = kind.of(Trait.RHIZOME_STEP_MM);
    double across =
        Math.max(
            figures.of(PlaceFigures.THINNEST_GROWTH),
            Math.min(step, figures.of(PlaceFigures.STOUTEST_GROWTH)));
    return new Outline(
        growths.stream()
            .map(growth -> new Outline.Standing(growth.at(), heading(growth).orElse(null)))
            .toList(),
        across / 2,
        step * pace.of(leads()));
  }

  /** Where a growth goes on, degrees clockwise from 12 o'clock; nothing unless it leads. */
  public Optional<Double> heading(MapGrowth growth) {
    if (growth.front() != Front.LEAD || growth.firmness() == Firmness.SOFT) {
      return Optional.empty();
    }
    return Optional.of(way(growth));
  }

  /** As it was said, or on from the growth behind it; degrees clockwise from 12 o'clock. */
  public double way(MapGrowth growth) {
    return growth.heading() != null ? growth.heading() : growth.at().less(behind(growth)).degrees();
  }

  private Spot behind(MapGrowth growth) {
    return joints.stream()
        .flatMap(joint -> joint.from(growth.name()).stream())
        .flatMap(name -> named(name).stream())
        .map(MapGrowth::at)
        .findFirst()
        .orElse(Spot.MIDDLE);
  }

  /** What is left of it where only these growths stay together. */
  public RhizomeMap only(List<MapGrowth> piece) {
    return new RhizomeMap(
        piece,
        joints.stream()
            .filter(joint -> piece.stream().anyMatch(each -> each.name().equals(joint.one())))
            .filter(joint -> piece.stream().anyMatch(each -> each.name().equals(joint.other())))
            .toList());
  }

  /**
   * What hangs together once these joints are cut, each as the numbers of its growths, in order.
   */
  List<List<Integer>> parts(List<Integer> cuts) {
    var number = numbers();
    var neighbours = new ArrayList<List<Integer>>();
    growths.forEach(growth -> neighbours.add(new ArrayList<>()));
    for (int i = 0; i < joints.size(); i++) {
      if (!cuts.contains(i)) {
        int one = number.get(joints.get(i).one());
        int other = number.get(joints.get(i).other());
        neighbours.get(one).add(other);
        neighbours.get(other).add(one);
      }
    }
    var parts = new ArrayList<List<Integer>>();
    var seen = new boolean[growths.size()];
    for (int start = 0; start < seen.length; start++) {
      if (!seen[start]) {
        parts.add(from(start, neighbours, seen));
      }
    }
    return parts;
  }

  private static List<Integer> from(int start, List<List<Integer>> neighbours, boolean[] seen) {
    var part = new ArrayList<Integer>();
    var open = new ArrayDeque<Integer>(List.of(start));
    seen[start] = true;
    while (!open.isEmpty()) {
      int at = open.remove();
      part.add(at);
      for (int next : neighbours.get(at)) {
        if (!seen[next]) {
          seen[next] = true;
          open.add(next);
        }
      }
    }
    part.sort(null);
    return part;
  }
}
