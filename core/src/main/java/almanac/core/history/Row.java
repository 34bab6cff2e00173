package almanac.core.history;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The plants of a place, one after another along the walk. */
public final class Row {
  /** Closer neighbours are told apart no more; the row is then counted anew. */
  private static final double CLOSEST = 1e-6;

  private final List<Long> wanted;
  private final Map<Long, Double> now;

  private Row(List<Long> wanted, Map<Long, Double> now) {
    this.wanted = wanted;
    this.now = now;
  }

  /**
   * New positions for as few plants as possible, so that all stand in the order wanted.
   *
   * @param wanted every plant of the row, in the order wanted
   * @param now positions of those that stand in the row already
   * @return by plant; those that are not named keep their positions
   */
  public static Map<Long, Double> positions(List<Long> wanted, Map<Long, Double> now) {
    var row = new Row(wanted, now);
    var moved = row.moved();
    return row.tooClose(moved) ? row.countedAnew() : moved;
  }

  private Map<Long, Double> moved() {
    var stay = staying();
    var moved = new HashMap<Long, Double>();
    for (int i = 0; i < wanted.size(); ) {
      int end = i;
      while (end < wanted.size() && !stay.contains(wanted.get(end))) {
        end++;
      }
      Double left = i == 0 ? null : now.get(wanted.get(i - 1));
      Double right = end == wanted.size() ? null : now.get(wanted.get(end));
      int many = end - i;
      double from = left != null ? left : right != null ? right - many - 1 : 0;
      double to = right != null ? right : from + many + 1;
      for (int k = 1; k <= many; k++) {
        moved.put(wanted.get(i + k - 1), from + (to - from) * k / (many + 1));
      }
      i = end + 1;
    }
    return moved;
  }

  /** The most plants that stand in the order wanted already. */
  private List<Long> staying() {
    var there = wanted.stream().filter(now::containsKey).toList();
    int[] longest = new int[there.size()];
    int[] before = new int[there.size()];
    int last = -1;
    for (int i = 0; i < there.size(); i++) {
      longest[i] = 1;
      before[i] = -1;
      for (int j = 0; j < i; j++) {
        if (now.get(there.get(j)) < now.get(there.get(i)) && longest[j] + 1 > longest[i]) {
          longest[i] = longest[j] + 1;
          before[i] = j;
        }
      }
      if (last < 0 || longest[i] > longest[last]) {
        last = i;
      }
    }
    var stay = new ArrayList<Long>();
    for (int i = last; i >= 0; i = before[i]) {
      stay.add(there.get(i));
    }
    return stay;
  }

  private boolean tooClose(Map<Long, Double> moved) {
    double last = Double.NEGATIVE_INFINITY;
    for (var plant : wanted) {
      double position = moved.getOrDefault(plant, now.getOrDefault(plant, 0.0));
      if (position - last < CLOSEST) {
        return true;
      }
      last = position;
    }
    return false;
  }

  private Map<Long, Double> countedAnew() {
    var counted = new HashMap<Long, Double>();
    for (int i = 0; i < wanted.size(); i++) {
      counted.put(wanted.get(i), i + 1.0);
    }
    return counted;
  }
}
