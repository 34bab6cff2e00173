package almanac.core.checks.diary;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.checks.Purpose;
import almanac.core.figures.Figures;
import almanac.core.history.Chronicle;
import almanac.core.history.Happening;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.inspection.Pests;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class TrialsTest {
  private static final LocalDate CAME = LocalDate.of(2024, 3, 1);
  private static final LocalDate SINCE = LocalDate.of(2027, 4, 10);
  private static final LocalDate JUDGE_ON = LocalDate.of(2027, 10, 20);

  private final Chronicle chronicle = new Chronicle();

  private static Trial trial(int uid, LocalDate judgeOn, Item<?>... looks) {
    return new Trial(
        new UUID(4, uid),
        "Charcoal",
        Tried.MEDIUM,
        Against.EARLIER,
        List.of(looks),
        SINCE,
        judgeOn);
  }

  private void begun(Trial trial) {
    chronicle.on(SINCE, new Happening.TrialBegun(new OnTrial(trial, OnTrial.Side.TRIED, 0)));
  }

  private void potted(LocalDate day) {
    chronicle.on(
        day,
        new Happening.Potted(
            new Potting(
                PottedOn.on(day), day, Mix.of(Component.BARK_FINE), Moisture.DRIES_BETWEEN)));
  }

  private void leaves(LocalDate day) {
    chronicle.on(
        day,
        new Happening.Inspected(
            Inspection.on(day).with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM))));
  }

  private Optional<OpenCheck> look() {
    return Trials.look(chronicle.plant(), Figures.standard());
  }

  private void expect(LocalDate day) {
    assertThat(look().orElseThrow().check().window().best()).isEqualTo(day);
  }

  @BeforeEach
  void itCame() {
    potted(CAME);
  }

  @Test
  void itsPlantsAreLookedAtEverySixWeeksUntilItIsJudged() {
    begun(trial(1, JUDGE_ON, Items.LEAVES, Items.STABILITY));
    assertThat(look().orElseThrow().check().purpose()).isEqualTo(Purpose.TRIAL);
    assertThat(look().orElseThrow().check().why().orElseThrow().toString())
        .isEqualTo("“Charcoal”: Leaves, How it stands");
    expect(SINCE.plusDays(42));
    leaves(SINCE.plusDays(40));
    expect(SINCE.plusDays(82));
    leaves(JUDGE_ON.minusDays(20));
    expect(JUDGE_ON);
    leaves(JUDGE_ON.minusDays(7));
    assertThat(look()).isEmpty();
  }

  @Test
  void aLookAtSomethingElseOrBeforeItAnswersNothing() {
    leaves(SINCE.minusDays(1));
    begun(trial(1, JUDGE_ON, Items.LEAVES));
    var day = SINCE.plusDays(30);
    chronicle.on(
        day,
        new Happening.Inspected(Inspection.on(day).with(Items.PESTS, Items.PESTS.saw(Pests.NONE))));
    expect(SINCE.plusDays(42));
  }

  @Test
  void theNearestLookOfAllItsTrialsIsAskedFor() {
    begun(trial(1, JUDGE_ON, Items.LEAVES));
    begun(trial(2, SINCE.plusDays(30), Items.STABILITY));
    expect(SINCE.plusDays(30));
  }

  @Test
  void whoeverIsMovedAgainOrOutOfItIsAskedNoMore() {
    var trial = trial(1, JUDGE_ON, Items.LEAVES);
    begun(trial);
    potted(SINCE.plusDays(14));
    expect(SINCE.plusDays(42));
    potted(SINCE.plusDays(15));
    assertThat(look()).isEmpty();
    assertThat(Trials.leftOn(chronicle.plant(), trial, Figures.standard()))
        .hasValue(SINCE.plusDays(15));
  }

  @Test
  void anEndedTrialAsksForNothing() {
    var trial = trial(1, JUDGE_ON, Items.LEAVES);
    begun(trial);
    chronicle.on(SINCE.plusDays(20), new Happening.TrialEnded(trial.uid(), ""));
    assertThat(look()).isEmpty();
  }

  /**
   * Only a trial of a place minds where a plant stands; another stand in the same place is none.
   */
  @Test
  void whoLeavesThePlaceThatIsTriedLeavesTheTrial() {
    var place =
        new Trial(
            new UUID(4, 9),
            "By the window",
            Tried.PLACE,
            Against.EARLIER,
            List.of(Items.LEAVES),
            SINCE,
            JUDGE_ON);
    var medium = trial(1, JUDGE_ON, Items.LEAVES);
    chronicle.on(SINCE.minusDays(30), new Happening.Moved(new Stand(1, 1)));
    begun(place);
    begun(medium);
    chronicle.on(SINCE.plusDays(2), new Happening.Moved(new Stand(2, 1)));
    chronicle.on(SINCE.plusDays(40), new Happening.Moved(new Stand(2, 5)));
    assertThat(Trials.leftOn(chronicle.plant(), place, Figures.standard())).isEmpty();
    chronicle.on(SINCE.plusDays(60), new Happening.Moved(new Stand(3, 1)));
    assertThat(Trials.leftOn(chronicle.plant(), place, Figures.standard()))
        .hasValue(SINCE.plusDays(60));
    assertThat(Trials.leftOn(chronicle.plant(), medium, Figures.standard())).isEmpty();
    assertThat(Trials.of(chronicle.plant(), Figures.standard()))
        .extracting(each -> each.trial().uid())
        .containsExactly(medium.uid());
    assertThat(Trials.endedByMove(chronicle.plant(), SINCE.plusDays(14), Figures.standard()))
        .isEmpty();
    assertThat(Trials.endedByMove(chronicle.plant(), SINCE.plusDays(15), Figures.standard()))
        .hasSize(1);
  }
}
