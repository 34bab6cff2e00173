package almanac.core.stock;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is used up at the bench. Rules: Mix and fill, What runs short. */
public enum Supply {
  TAG("a new tag", "new tags", "tag", "label"),
  LEVEL_GAUGE("a level gauge", "level gauges", "gauge"),
  STAKE("a stake", "stakes", "stake", "cane"),
  TIE("a soft tie", "soft ties", "tie"),
  DRESSING("what you dress wounds with", "what you dress wounds with", "dressing", "wound"),
  GLOVES("gloves", "gloves", "glove");

  private final String one;
  private final String several;
  private final List<String> called;

  Supply(String one, String several, String... called) {
    this.one = one;
    this.several = several;
    this.called = List.of(called);
  }

  /** What a step has at hand under these words, if it is used up. */
  public static Optional<Supply> of(String atHand) {
    return Arrays.stream(values()).filter(supply -> supply.one.equals(atHand)).findFirst();
  }

  /** Whether each plant uses one up; a dressing and gloves do for several. */
  public boolean counted() {
    return this != DRESSING && this != GLOVES;
  }

  /** So many of them, as they are laid ready: {@code 3 level gauges}. */
  public String laidReady(long count) {
    return count == 1 || one.equals(several) ? one : "%d %s".formatted(count, several);
  }

  /** Whether a thing of the stock is one of these, by the name that the collector gave it. */
  boolean isIn(Goods.Thing thing) {
    var name = thing.name().toLowerCase(Locale.ROOT);
    return called.stream().anyMatch(name::contains);
  }
}
