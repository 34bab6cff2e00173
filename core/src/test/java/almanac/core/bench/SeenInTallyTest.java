package almanac.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.inspection.Breakage;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.RootsInPot;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import java.time.LocalDate;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whoever counts roots has looked at them. */
class SeenInTallyTest {
  private static final Inspection NOTHING = Inspection.on(LocalDate.of(2027, 5, 15));

  private static Inspection seen(Inspection looked, Map<RootFate, Integer> counts) {
    return new SeenInTally(new RootTally(counts, false), Figures.standard()).and(looked);
  }

  @ParameterizedTest
  @CsvSource({
    "12, 0, 0, FIRM, 0",
    "11, 1, 0, MIXED, 8",
    "11, 0, 1, DRIED_SOME, 8",
    "6, 2, 4, MIXED, 50",
    "4, 6, 5, MOSTLY_SOFT, 73",
    "4, 0, 11, MOSTLY_SOFT, 73"
  })
  void rootsInThePotAreWhatWasCounted(
      int firm, int soft, int hollow, RootsInPot found, double dead) {
    var look =
        seen(
                NOTHING,
                Map.of(
                    RootFate.FIRM_KEPT,
                    firm - 1,
                    RootFate.CUT_BACK,
                    1,
                    RootFate.SOFT,
                    soft,
                    RootFate.HOLLOW,
                    hollow))
            .look(Items.ROOTS_IN_POT);
    assertThat(look.saw(found)).isTrue();
    assertThat(look.measured()).isEqualTo(OptionalDouble.of(dead));
  }

  @Test
  void ofNewTipsItSaysHowManyBroke() {
    var some = seen(NOTHING, Map.of(RootFate.NEW_KEPT, 5, RootFate.NEW_BROKEN, 2));
    assertThat(some.look(Items.BREAKAGE).saw(Breakage.SOME_TIPS)).isTrue();
    assertThat(some.look(Items.TIPS_BROKEN).measured()).isEqualTo(OptionalDouble.of(2));
    assertThat(some.look(Items.TIPS_IN_ALL).measured()).isEqualTo(OptionalDouble.of(7));
    assertThat(some.look(Items.ROOTS_IN_POT).seen()).as("no old root was counted").isEmpty();
    var all = seen(NOTHING, Map.of(RootFate.NEW_BROKEN, 3));
    assertThat(all.look(Items.BREAKAGE).saw(Breakage.ALL_TIPS)).isTrue();
    var none = seen(NOTHING, Map.of(RootFate.NEW_KEPT, 3));
    assertThat(none.look(Items.BREAKAGE).seen()).isEmpty();
    assertThat(none.look(Items.TIPS_BROKEN).measured()).isEqualTo(OptionalDouble.of(0));
  }

  @Test
  void whatWasLookedAtByItselfStands() {
    var looked =
        NOTHING
            .with(Items.ROOTS_IN_POT, Items.ROOTS_IN_POT.saw(RootsInPot.DARK_FIRM))
            .with(Items.BREAKAGE, Items.BREAKAGE.saw(Breakage.LONG_ROOT));
    var seen =
        seen(looked, Map.of(RootFate.FIRM_KEPT, 2, RootFate.SOFT, 9, RootFate.NEW_BROKEN, 1));
    assertThat(seen.look(Items.ROOTS_IN_POT).saw(RootsInPot.DARK_FIRM)).isTrue();
    assertThat(seen.look(Items.ROOTS_IN_POT).measured()).isEmpty();
    assertThat(seen.look(Items.BREAKAGE).saw(Breakage.SOME_TIPS)).isFalse();
  }

  @Test
  void whoCountedNothingHasSeenNothing() {
    assertThat(seen(NOTHING, Map.of()).empty()).isTrue();
  }
}
