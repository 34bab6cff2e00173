package almanac.core.rhizome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import almanac.core.pot.Spot;
import almanac.core.refusals.Refused;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A map drawn anew by whoever has the plant in hand. */
class RedrawnTest {
  private static final double STEP_MM = 30;

  /** Three in a row towards 12 o'clock, of which the last leads. */
  private static final RhizomeMap ROW =
      new RhizomeMap(
          List.of(
              growth("1", -30, Front.SPENT),
              growth("2", 0, Front.SPENT),
              growth("3", 30, Front.LEAD)),
          List.of(new Joint("1", "2", false), new Joint("2", "3", false)));

  private static MapGrowth growth(String name, double y, Front front) {
    return new MapGrowth(name, Firmness.FIRM, 4, false, front, new Spot(0, y), null);
  }

  private static MapGrowth named(RhizomeMap map, String name) {
    return map.named(name).orElseThrow();
  }

  private static List<String> leads(RhizomeMap map) {
    return map.growths().stream()
        .filter(each -> each.front() == Front.LEAD)
        .map(MapGrowth::name)
        .toList();
  }

  @Test
  void aGrowthInFrontOfALeadLeadsInItsPlace() {
    var next = Redrawn.at(ROW, "3").grown(STEP_MM);
    assertThat(leads(next)).containsExactly("4");
    assertThat(next.growths().get(3).name()).as("the last of the map").isEqualTo("4");
    assertThat(named(next, "4").at()).isEqualTo(new Spot(0, 60));
    assertThat(next.joints()).contains(new Joint("3", "4", false));
  }

  @Test
  void besideWhatHasGrownOnAnotherLeadIsSetInTheFirstFreeDirection() {
    var next = Redrawn.at(ROW, "2").grown(STEP_MM);
    assertThat(leads(next)).containsExactly("3", "4");
    assertThat(next.way(named(next, "4"))).isCloseTo(60, within(1e-9));
    var more = Redrawn.at(next, "2").grown(STEP_MM);
    assertThat(more.way(named(more, "5")))
        .as("the first way is taken")
        .isCloseTo(300, within(1e-9));
  }

  @Test
  void noTwoGrowthsStandInOnePlace() {
    var map = ROW;
    for (int i = 0; i < 4; i++) {
      map = Redrawn.at(map, "2").grown(STEP_MM);
    }
    var spots = map.growths().stream().map(MapGrowth::at).toList();
    for (int one = 0; one < spots.size(); one++) {
      for (int other = 0; other < one; other++) {
        assertThat(spots.get(one).less(spots.get(other)).mm()).isGreaterThan(0.7 * STEP_MM);
      }
    }
  }

  @Test
  void aNewGrowthHasANameThatIsFree() {
    var map = Redrawn.at(ROW, "1").without();
    var next = Redrawn.at(map, "3").grown(STEP_MM);
    assertThat(next.growths()).extracting(MapGrowth::name).containsExactly("2", "3", "4");
  }

  @Test
  void whatHungOnAGrowthHangsTogetherWithoutIt() {
    var star = Redrawn.at(ROW, "2").grown(STEP_MM);
    var left = Redrawn.at(star, "2").without();
    assertThat(left.joints())
        .containsExactly(new Joint("1", "3", false), new Joint("1", "4", false));
    assertThat(left.growths()).extracting(MapGrowth::name).containsExactly("1", "3", "4");
  }

  @Test
  void theLastGrowthStaysAndWhatIsNotThereIsRefused() {
    var alone = Redrawn.at(Redrawn.at(ROW, "1").without(), "2").without();
    assertThatThrownBy(() -> Redrawn.at(alone, "3").without())
        .isInstanceOf(Refused.class)
        .hasMessageContaining("stays");
    assertThatThrownBy(() -> Redrawn.at(ROW, "9")).isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Redrawn.at(ROW, "3").grown(0)).isInstanceOf(Refused.class);
  }

  @Test
  void aMapHasRoomForSixtyGrowthsAndNoMore() {
    var map = ROW;
    while (map.growths().size() < RhizomeMap.MOST) {
      map = Redrawn.at(map, new ArrayList<>(leads(map)).get(0)).grown(10);
    }
    var full = map;
    assertThatThrownBy(() -> Redrawn.at(full, "1").grown(10)).isInstanceOf(Refused.class);
  }

  @Test
  void aLeadIsSetByItsDistanceFromTheRimAndTheClock() {
    var next = Redrawn.at(ROW, "3").atTheRim(20, 3, 120, new Spot(5, 0));
    assertThat(named(next, "3").at().x()).isCloseTo(45, within(1e-9));
    assertThat(named(next, "3").at().y()).isCloseTo(0, within(1e-9));
    assertThatThrownBy(() -> Redrawn.at(ROW, "3").atTheRim(61, 3, 120, Spot.MIDDLE))
        .as("beyond the middle")
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> Redrawn.at(ROW, "3").atTheRim(20, 13, 120, Spot.MIDDLE))
        .isInstanceOf(Refused.class);
  }

  @Test
  void aLeadGoesOnWhereSomebodySaysAndElseOnFromTheGrowthBehindIt() {
    assertThat(ROW.way(named(ROW, "3"))).isZero();
    var next = Redrawn.at(ROW, "3").turned(4);
    assertThat(next.way(named(next, "3"))).isEqualTo(120);
    var twelve = Redrawn.at(ROW, "3").turned(12);
    assertThat(twelve.way(named(twelve, "3"))).isZero();
  }
}
