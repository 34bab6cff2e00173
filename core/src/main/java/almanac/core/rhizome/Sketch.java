package almanac.core.rhizome;

import almanac.core.kinds.Kind;
import almanac.core.kinds.Trait;
import almanac.core.pot.Outline;
import almanac.core.pot.Spot;
import almanac.core.roots.RootLook;
import almanac.core.roots.RootStage;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A map to begin with: the one drawn last, with what has grown since; or what the looks at the
 * plant tell of it. Whoever has the plant in hand puts it right. Rules: Dividing.
 */
public final class Sketch {
  /** Some roots, where nobody counted. */
  static final int SOME = 3;

  /** So many growths a plant is drawn with of which nobody noted any. */
  private static final int UNSEEN = 3;

  private static final double APART_DEGREES = 120;

  /** A growth of one stem has no step; it is drawn with something to take hold of, mm. */
  private static final double DRAWN_STEP_MM = 20;

  private final List<MapGrowth> growths = new ArrayList<>();
  private final List<Joint> joints = new ArrayList<>();
  private final double step;

  private Sketch(Kind kind) {
    step = Math.max(kind.of(Trait.RHIZOME_STEP_MM), DRAWN_STEP_MM);
  }

  /**
   * @param seen the growths that were looked at, by lead, the oldest first
   * @param last the map that was drawn last, if one was
   */
  public static RhizomeMap of(List<Growth> seen, Kind kind, Optional<RhizomeMap> last) {
    var sketch = new Sketch(kind);
    if (last.isPresent()) {
      return sketch.goneOn(last.get(), seen);
    }
    if (seen.isEmpty()) {
      sketch.unseen();
    } else {
      sketch.seen(seen);
    }
    return sketch.inTheMiddle();
  }

  private void unseen() {
    for (int i = 0; i < UNSEEN; i++) {
      boolean leads = i == UNSEEN - 1;
      String behind = i == 0 ? "" : String.valueOf(i);
      add(String.valueOf(i + 1), leads, false, new Spot(0, i * step), behind);
    }
  }

  private void seen(List<Growth> seen) {
    String oldest = "";
    String behind = "";
    Growth before = null;
    double heading = -APART_DEGREES;
    int along = 0;
    for (var growth : seen) {
      boolean anotherLead = before == null || before.lead() != growth.lead();
      if (anotherLead) {
        heading += APART_DEGREES;
        along = before == null ? 0 : 1;
        behind = oldest;
      }
      var name = free(growth.name());
      add(name, growth.leads(), rooting(growth), Spot.towards(heading, along * step), behind);
      oldest = oldest.isEmpty() ? name : oldest;
      behind = name;
      before = growth;
      along++;
    }
  }

  /** New growths go on from the newest of their lead; a lead that has gone on leads no more. */
  private RhizomeMap goneOn(RhizomeMap last, List<Growth> seen) {
    growths.addAll(last.growths());
    joints.addAll(last.joints());
    Set<String> names = new HashSet<>();
    for (var growth : seen) {
      var name = growth.name();
      for (int turn = 2; !names.add(name); turn++) {
        name = "%s·%d".formatted(growth.name(), turn);
      }
      if (last.named(name).isEmpty() && growths.size() < RhizomeMap.MOST) {
        goOn(name, growth, last);
      }
    }
    return new RhizomeMap(growths, joints);
  }

  private void goOn(String name, Growth growth, RhizomeMap last) {
    for (int i = growths.size() - 1; i >= 0; i--) {
      var each = growths.get(i);
      if (each.front() == Front.LEAD && each.name().startsWith(growth.lead() + " ")) {
        double heading = last.heading(each).orElse(0.0);
        growths.set(i, each.led());
        add(
            name,
            growth.leads(),
            rooting(growth),
            each.at().and(Spot.towards(heading, step)),
            each.name());
        return;
      }
    }
  }

  private String free(String name) {
    var free = name;
    for (int turn = 2; taken(free); turn++) {
      free = "%s·%d".formatted(name, turn);
    }
    return free;
  }

  private boolean taken(String name) {
    return growths.stream().anyMatch(each -> each.name().equals(name));
  }

  private static boolean rooting(Growth growth) {
    return growth.roots().stream()
        .reduce((one, newer) -> newer)
        .map(RootLook::stage)
        .filter(stage -> stage != RootStage.NONE)
        .isPresent();
  }

  private void add(String name, boolean leads, boolean newRoots, Spot at, String behind) {
    growths.add(
        new MapGrowth(
            name, Firmness.FIRM, SOME, newRoots, leads ? Front.LEAD : Front.SPENT, at, null));
    if (!behind.isEmpty()) {
      joints.add(new Joint(behind, name, false));
    }
  }

  private RhizomeMap inTheMiddle() {
    var outline =
        new Outline(
            growths.stream().map(each -> new Outline.Standing(each.at(), null)).toList(), 1, 0);
    var middle = outline.around(0).middle();
    return new RhizomeMap(
        growths.stream().map(each -> each.standingAt(each.at().less(middle))).toList(), joints);
  }
}
