package almanac.core.rhizome;

import almanac.core.pot.Spot;
import almanac.core.refusals.Refused;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * A map as somebody with the plant in hand draws it anew, one growth at a time. Rules: Dividing.
 */
public final class Redrawn {
  /** Where another growth is set beside one, from where it goes on; the first that is free. */
  private static final double[] BESIDE = {60, -60, 120, -120, 180, 30, -30, 90, -90, 150, -150};

  /** Nearer than so much of a step there is another growth in the way. */
  private static final double IN_THE_WAY = 0.7;

  /** Growths that stood closer could not be told apart by hand. */
  private static final double LEAST_STEP_MM = 1;

  private static final double LARGEST_POT_MM = 2000;

  private final RhizomeMap map;
  private final MapGrowth growth;

  private Redrawn(RhizomeMap map, MapGrowth growth) {
    this.map = map;
    this.growth = growth;
  }

  /**
   * One growth of a map.
   *
   * @throws Refused if there is none of that name
   */
  public static Redrawn at(RhizomeMap map, String name) {
    return new Redrawn(
        map,
        map.named(name)
            .orElseThrow(
                () -> new Refused(new MapField("name"), "There is no growth of this name.")));
  }

  /**
   * With one growth more, the last of the map: in front of a lead, which leads no more, or as
   * another lead beside what has grown on already.
   *
   * @param stepMm from growth to growth, over 0
   * @throws Refused if a map has no room for more
   */
  public RhizomeMap grown(double stepMm) {
    if (!(stepMm >= LEAST_STEP_MM && stepMm <= LARGEST_POT_MM)) {
      throw new Refused(new MapField("stepMm"), "A step is from 1 to 2000 mm.");
    }
    boolean leads = growth.front() == Front.LEAD;
    double way = leads ? map.way(growth) : freeWay(stepMm);
    var next =
        new MapGrowth(
            freeName(),
            Firmness.FIRM,
            Sketch.SOME,
            false,
            Front.LEAD,
            growth.at().and(Spot.towards(way, stepMm)),
            null);
    var growths = new ArrayList<>(leads ? with(growth.led()) : map.growths());
    growths.add(next);
    var joints = new ArrayList<>(map.joints());
    joints.add(new Joint(growth.name(), next.name(), false));
    return new RhizomeMap(growths, joints);
  }

  /**
   * Without it; what hung on it hangs together.
   *
   * @throws Refused if it is the only one
   */
  public RhizomeMap without() {
    if (map.growths().size() == 1) {
      throw new Refused(new MapField("name"), "The last growth stays.");
    }
    var neighbours =
        map.joints().stream().flatMap(joint -> joint.from(growth.name()).stream()).toList();
    var joints =
        Stream.concat(
                map.joints().stream().filter(joint -> joint.from(growth.name()).isEmpty()),
                neighbours.stream().skip(1).map(each -> new Joint(neighbours.get(0), each, false)))
            .toList();
    return new RhizomeMap(
        map.growths().stream().filter(each -> !each.equals(growth)).toList(), joints);
  }

  /**
   * Set by two measures.
   *
   * @param toRimMm from the rim, from 0 to the pot's middle
   * @param hour of the clock, 1 to 12
   * @param potMm the pot across, mm
   * @param middle where its middle lies
   * @throws Refused naming the measure, if there is no such place in the pot
   */
  public RhizomeMap atTheRim(double toRimMm, int hour, double potMm, Spot middle) {
    if (!(potMm > 0 && potMm <= LARGEST_POT_MM)) {
      throw new Refused(new MapField("potMm"), "A pot is over 0 to 2000 mm across.");
    }
    if (!(toRimMm >= 0 && toRimMm <= potMm / 2)) {
      throw new Refused(
          new MapField("toRimMm"), "From the rim it is at most as far as to the middle.");
    }
    var at = middle.and(Spot.towards(Spot.degreesAt(hour), potMm / 2 - toRimMm));
    return new RhizomeMap(with(growth.standingAt(at)), map.joints());
  }

  /**
   * Going on in another direction.
   *
   * @param hour of the clock, 1 to 12
   * @throws Refused if a clock has no such hour
   */
  public RhizomeMap turned(int hour) {
    return new RhizomeMap(with(growth.turned(Spot.degreesAt(hour))), map.joints());
  }

  private List<MapGrowth> with(MapGrowth changed) {
    return map.growths().stream().map(each -> each.equals(growth) ? changed : each).toList();
  }

  private double freeWay(double stepMm) {
    double from = map.way(growth);
    return DoubleStream.of(BESIDE)
        .map(turn -> from + turn)
        .filter(way -> free(growth.at().and(Spot.towards(way, stepMm)), stepMm))
        .findFirst()
        .orElse(from + BESIDE[0]);
  }

  private boolean free(Spot at, double stepMm) {
    return map.growths().stream().allMatch(other -> at.less(other.at()).mm() > IN_THE_WAY * stepMm);
  }

  private String freeName() {
    int turn = map.growths().size() + 1;
    while (map.named(String.valueOf(turn)).isPresent()) {
      turn++;
    }
    return String.valueOf(turn);
  }
}
