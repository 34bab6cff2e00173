package almanac.core.rest;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;

/** Figures of rest. */
public final class RestFigures {
  public static final FigureGroup GROUP = new FigureGroup("rest", "Rest");

  public static final Figure GOING =
      GROUP.days("going", 55, "From late October leaves yellow: so long before the shortest day");
  public static final Figure AT_REST =
      GROUP.days("at-rest", 25, "Late in November the last leaves are down");
  public static final Figure WAKES_DRY =
      GROUP.days(
          "wakes-dry", 80, "Kinds that rest leafless start about twelve weeks after that day");
  public static final Figure WAKES_ALMOST_DRY =
      GROUP.days("wakes-almost-dry", 65, "Buds swell after a rest of about three months");
  public static final Figure WAKES_COOL =
      GROUP.days("wakes-cool", 70, "New growth shows as the days lengthen");
  public static final Figure SPREAD =
      GROUP.days("spread", 28, "Some wake a month before the others, some a month after");
  public static final Figure RIPENS =
      GROUP.days("ripens", 42, "Between four and eight weeks once the bulb is ripe");
  public static final Figure STIRS =
      GROUP.days(
          "stirs", 90, "What nobody has looked at for so long after its time is taken to grow");
  public static final Figure LOOK =
      GROUP.days("look", 7, "A new growth is at its roots within weeks: it is looked for weekly");

  private RestFigures() {}
}
