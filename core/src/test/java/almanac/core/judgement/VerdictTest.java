package almanac.core.judgement;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.judgement.verdict.Family;
import almanac.core.judgement.verdict.Verdict;
import java.util.Arrays;
import java.util.Comparator;
import org.junit.jupiter.api.Test;

class VerdictTest {
  @Test
  void everyVerdictHasATurnOfItsOwnHazardsFirst() {
    var inTurn =
        Arrays.stream(Verdict.values()).sorted(Comparator.comparing(Verdict::turn)).toList();
    assertThat(inTurn).startsWith(Verdict.RESCUE, Verdict.LET_GO).endsWith(Verdict.LEAVE);
    assertThat(Arrays.stream(Verdict.values()).map(Verdict::turn))
        .doesNotHaveDuplicates()
        .allMatch(turn -> turn >= 0);
  }

  @Test
  void liftingToLookIsDoneNowButNeedsNoBlade() {
    assertThat(Verdict.LIFT_AND_LOOK.inHand()).isTrue();
    assertThat(Verdict.LIFT_AND_LOOK.atTheBench()).isFalse();
  }

  @Test
  void whatIsLeftAloneOrWaitedForIsNotTakenToTheBench() {
    assertThat(Verdict.values())
        .filteredOn(each -> each.family() == Family.LEAVE_ALONE || each == Verdict.WAIT_FOR)
        .hasSize(4)
        .noneMatch(Verdict::inHand)
        .noneMatch(Verdict::atTheBench);
  }
}
