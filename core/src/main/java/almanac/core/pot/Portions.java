package almanac.core.pot;

import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import java.util.Map;
import java.util.TreeMap;

/** How much of each component makes up a mix. Rules: Mix and fill. */
public final class Portions {
  private Portions() {}

  /**
   * ml of each component, in the order of the components.
   *
   * @param ml of the mix, from 0
   */
  public static Map<Component, Double> of(Mix mix, double ml) {
    var portions = new TreeMap<Component, Double>();
    mix.parts().keySet().forEach(part -> portions.put(part, ml * mix.share(part)));
    return portions;
  }
}
