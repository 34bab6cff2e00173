package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BumpsToNubsTest {
  private static final LocalDate CAME = LocalDate.of(2027, 3, 1);

  private final Chronicle chronicle = new Chronicle();

  private void seen(int day, RootStage stage) {
    var on = CAME.plusDays(day);
    chronicle.on(
        on,
        new Happening.Inspected(
            Inspection.on(on).with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(stage))));
  }

  private List<HowLong.Between> flushes() {
    return BumpsToNubs.of(chronicle.plant());
  }

  private void itCame() {
    chronicle.on(
        CAME,
        new Happening.Potted(
            new Potting(
                PottedOn.on(CAME), CAME, Mix.of(Component.BARK_FINE), Moisture.DRIES_BETWEEN)));
  }

  @Test
  void aFlushLiesBetweenTheLooksThatSawIt() {
    itCame();
    seen(1, RootStage.NONE);
    seen(6, RootStage.SWELLING);
    seen(12, RootStage.SWELLING);
    seen(18, RootStage.NUB);
    seen(30, RootStage.SHORT);
    seen(60, RootStage.SWELLING);
    seen(75, RootStage.MID);
    assertThat(flushes()).containsExactly(new HowLong.Between(6, 17), new HowLong.Between(0, 45));
  }

  @Test
  void whatWasNotSeenBeforeOrAfterOrCameToNothingTellsNothing() {
    itCame();
    seen(1, RootStage.SWELLING);
    seen(9, RootStage.NUB);
    seen(40, RootStage.SWELLING);
    seen(60, RootStage.NONE);
    seen(80, RootStage.SWELLING);
    assertThat(flushes()).isEmpty();
  }

  /** Bumps take twelve days here, and somebody looks every four or five: the half lies there. */
  @Test
  void theHalfLiesWhereItIs() {
    var random = new Random(2);
    var all = new ArrayList<HowLong.Between>();
    for (int plant = 0; plant < 60; plant++) {
      var house = new BumpsToNubsTest();
      house.itCame();
      double bumps = 10 + random.nextInt(20);
      double nubs = bumps + 12 + random.nextGaussian() * 2;
      for (int day = 1 + random.nextInt(4); day < 70; day += 4 + random.nextInt(2)) {
        house.seen(
            day, day < bumps ? RootStage.NONE : day < nubs ? RootStage.SWELLING : RootStage.NUB);
      }
      all.addAll(house.flushes());
    }
    assertThat(all).hasSizeGreaterThan(50);
    var half = HowLong.of(all);
    assertThat((half.after().orElseThrow() + half.by().orElseThrow()) / 2.0).isBetween(10.0, 14.0);
    assertThat(half.by().orElseThrow() - half.after().orElseThrow()).isLessThan(6);
  }
}
