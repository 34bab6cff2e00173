package almanac.core.history;

import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import org.jspecify.annotations.Nullable;

/** Which acts do not hold any more, by what was written against them. */
public final class Overruled {
  private Overruled() {}

  /**
   * How those acts stand that do not hold.
   *
   * @param against what an act takes the place of or takes back, by the numbers of acts, the newest
   *     last; null if nothing
   * @param withdrawals the acts that take another one back
   */
  public static Map<Long, Standing> of(
      SortedMap<Long, @Nullable Long> against, Set<Long> withdrawals) {
    var settled = new HashMap<Long, Standing>();
    // What stands against an act is newer than it, so the newest is settled first.
    for (long act :
        against.keySet().stream().sorted((one, other) -> Long.compare(other, one)).toList()) {
      var other = against.get(act);
      if (other != null && settled.get(act) != Standing.TAKEN_BACK) {
        if (!withdrawals.contains(act)) {
          settled.putIfAbsent(other, Standing.CORRECTED);
        } else if (!settled.containsKey(act)) {
          settled.put(other, Standing.TAKEN_BACK);
        }
      }
    }
    return settled;
  }
}
