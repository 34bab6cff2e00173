package almanac.core.tried;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.core.figures.Figures;
import almanac.core.history.Act;
import almanac.core.history.Chronicle;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Plant;
import almanac.core.history.PlantStatus;
import almanac.core.history.Potting;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.OnTrial.Side;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class TrialRunTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate CAME = LocalDate.of(2024, 3, 1);
  private static final LocalDate SINCE = LocalDate.of(2027, 4, 10);
  private static final LocalDate JUDGE_ON = LocalDate.of(2027, 10, 20);
  private static final LocalDate LATER = JUDGE_ON.plusDays(5);

  private final List<Plant> plants = new ArrayList<>();

  private static Trial trial(Against against, Item<?>... looks) {
    return new Trial(
        new UUID(4, 4), "Charcoal", Tried.MEDIUM, against, List.of(looks), SINCE, JUDGE_ON);
  }

  private static Happening potted(LocalDate day) {
    return new Happening.Potted(
        new Potting(PottedOn.on(day), day, Mix.of(Component.BARK_FINE), Moisture.DRIES_BETWEEN));
  }

  private static Happening measured(Item<?> item, LocalDate day, double value) {
    return new Happening.Inspected(of(item, day, value));
  }

  private static <A extends Enum<A> & almanac.core.words.Answer> Inspection of(
      Item<A> item, LocalDate day, double value) {
    return Inspection.on(day).with(item, item.found(List.of(), value, FIGURES));
  }

  /** A plant in the trial; more is told of it by the chronicle. */
  private Chronicle joins(Trial trial, Side side, int pair) {
    var chronicle = new Chronicle();
    chronicle.on(CAME, potted(CAME));
    chronicle.on(SINCE, new Happening.TrialBegun(new OnTrial(trial, side, pair)));
    return chronicle;
  }

  private void is(Chronicle chronicle) {
    int id = plants.size() + 1;
    plants.add(Plant.of(id, new UUID(1, id), chronicle.journal()));
  }

  private void grown(Trial trial, Side side, int pair, double mm) {
    var chronicle = joins(trial, side, pair);
    chronicle.on(LATER, measured(Items.NEWEST_SIZE, LATER, mm));
    is(chronicle);
  }

  private TrialRun run() {
    assertThat(TrialRun.of(plants, FIGURES)).hasSize(1);
    return TrialRun.of(plants, FIGURES).get(0);
  }

  private Compared sizes(LocalDate today) {
    return run().compared(today, FIGURES).get(0);
  }

  @Test
  void halvesAreHeldAgainstEachOtherByTheirPair() {
    var trial = trial(Against.OTHER_HALF, Items.NEWEST_SIZE);
    IntStream.rangeClosed(1, 5).forEach(pair -> grown(trial, Side.AGAINST, pair, 100 * pair));
    IntStream.rangeClosed(1, 5)
        .map(pair -> 6 - pair)
        .forEach(pair -> grown(trial, Side.TRIED, pair, 100 * pair + 30));
    var difference = sizes(LATER).difference().orElseThrow();
    assertThat(difference.plants()).isEqualTo(5);
    assertThat(difference.likely()).isEqualTo(30);
    assertThat(sizes(LATER).rows())
        .extracting(row -> row.member().its().side() + " " + row.member().its().pair())
        .startsWith("TRIED 1", "TRIED 2")
        .endsWith("AGAINST 4", "AGAINST 5");
  }

  @Test
  void aHalfWithoutItsOtherTellsNothing() {
    var trial = trial(Against.OTHER_HALF, Items.NEWEST_SIZE);
    for (int pair = 1; pair <= 3; pair++) {
      grown(trial, Side.TRIED, pair, 100);
    }
    grown(trial, Side.AGAINST, 1, 100);
    grown(trial, Side.AGAINST, 3, 90);
    is(joins(trial, Side.AGAINST, 2));
    assertThat(sizes(LATER).difference().orElseThrow().plants()).isEqualTo(2);
  }

  @Test
  void othersAreHeldAgainstAsASide() {
    var trial = trial(Against.OTHERS, Items.NEWEST_SIZE);
    List.of(120.0, 130.0, 140.0).forEach(mm -> grown(trial, Side.TRIED, 0, mm));
    List.of(100.0, 110.0).forEach(mm -> grown(trial, Side.AGAINST, 0, mm));
    var difference = sizes(LATER).difference().orElseThrow();
    assertThat(difference.likely()).isEqualTo(25);
    assertThat(difference.plants()).isEqualTo(2);
  }

  @Test
  void aPlantIsHeldAgainstTheSameMonthsOfTwoYearsBefore() {
    var trial = trial(Against.EARLIER, Items.NEWEST_SIZE);
    for (int i = 0; i < 2; i++) {
      var chronicle = joins(trial, Side.TRIED, 0);
      // in the same months: 80 and 100; out of them: 300
      var before = List.of(SINCE.minusYears(1).plusDays(60), SINCE.minusYears(2).plusDays(60));
      chronicle.on(before.get(0), measured(Items.NEWEST_SIZE, before.get(0), 100));
      chronicle.on(before.get(1), measured(Items.NEWEST_SIZE, before.get(1), 80));
      var between = SINCE.minusDays(20);
      chronicle.on(between, measured(Items.NEWEST_SIZE, between, 300));
      chronicle.on(SINCE.plusDays(50), measured(Items.NEWEST_SIZE, SINCE.plusDays(50), 60));
      chronicle.on(LATER, measured(Items.NEWEST_SIZE, LATER, 110));
      is(chronicle);
    }
    assertThat(sizes(LATER).rows().get(0).before()).hasValue(90);
    assertThat(sizes(LATER).rows().get(0).value()).hasValue(110);
    assertThat(sizes(LATER).rows().get(0).readings()).hasSize(2);
    assertThat(sizes(LATER).difference().orElseThrow().likely()).isEqualTo(20);
  }

  @Test
  void whatSwingsIsTakenInTheMean() {
    var trial = trial(Against.EARLIER, Items.DAYS_TO_DRY);
    var chronicle = joins(trial, Side.TRIED, 0);
    chronicle.on(SINCE.plusDays(50), measured(Items.DAYS_TO_DRY, SINCE.plusDays(50), 4));
    chronicle.on(LATER, measured(Items.DAYS_TO_DRY, LATER, 10));
    is(chronicle);
    assertThat(sizes(LATER).rows().get(0).value()).hasValue(7);
  }

  @Test
  void beforeItsDayItShowsWhatWasMeasuredAndNoConclusion() {
    var trial = trial(Against.OTHERS, Items.NEWEST_SIZE);
    for (int i = 0; i < 6; i++) {
      var chronicle = joins(trial, i < 3 ? Side.TRIED : Side.AGAINST, 0);
      var day = SINCE.plusDays(90);
      chronicle.on(day, measured(Items.NEWEST_SIZE, day, i < 3 ? 200 + i : 100 + i));
      is(chronicle);
    }
    var early = JUDGE_ON.minusDays(1);
    assertThat(run().state(early)).isEqualTo(TrialRun.State.UNDER_WAY);
    assertThat(sizes(early).difference()).isEmpty();
    assertThat(sizes(early).words()).isEmpty();
    assertThat(sizes(early).rows().get(0).value()).hasValue(200);
    assertThat(run().state(JUDGE_ON)).isEqualTo(TrialRun.State.RIPE);
    assertThat(sizes(JUDGE_ON).words().orElseThrow().toString()).contains("too few");
  }

  @Test
  void whatWasGivenUpEarlyNeverComesToAConclusion() {
    var trial = trial(Against.OTHERS, Items.NEWEST_SIZE);
    for (int i = 0; i < 6; i++) {
      var chronicle = joins(trial, i < 3 ? Side.TRIED : Side.AGAINST, 0);
      var day = SINCE.plusDays(90);
      chronicle.on(day, measured(Items.NEWEST_SIZE, day, 100));
      chronicle.on(SINCE.plusDays(100), new Happening.TrialEnded(trial.uid(), "Out of charcoal"));
      is(chronicle);
    }
    assertThat(run().state(LATER)).isEqualTo(TrialRun.State.CLOSED);
    assertThat(run().closed())
        .hasValue(new TrialRun.Closed(SINCE.plusDays(100), "Out of charcoal"));
    assertThat(sizes(LATER).difference()).isEmpty();
  }

  @Test
  void aPlantThatIsMovedAgainOrGoneTellsOfTheTrialNoMore() {
    var trial = trial(Against.OTHERS, Items.NEWEST_SIZE);
    var moved = joins(trial, Side.TRIED, 0);
    // ten days after its beginning is still the move of the trial
    moved.on(SINCE.plusDays(10), potted(SINCE.plusDays(10)));
    moved.on(SINCE.plusDays(40), measured(Items.NEWEST_SIZE, SINCE.plusDays(40), 50));
    moved.on(SINCE.plusDays(60), potted(SINCE.plusDays(60)));
    moved.on(SINCE.plusDays(90), measured(Items.NEWEST_SIZE, SINCE.plusDays(90), 500));
    is(moved);
    var lost = joins(trial, Side.AGAINST, 0);
    lost.on(SINCE.plusDays(30), new Happening.Became(new Fate(PlantStatus.LOST, "frost")));
    is(lost);
    var members = run().members();
    assertThat(members.get(0).left()).hasValue(SINCE.plusDays(60));
    assertThat(members.get(1).left()).hasValue(SINCE.plusDays(30));
    assertThat(sizes(LATER).rows().get(0).value()).hasValue(50);
  }

  @Test
  void whatWasTakenBackWasNeverTried() {
    var trial = trial(Against.EARLIER, Items.LEAVES);
    var chronicle = new Chronicle();
    chronicle.on(CAME, potted(CAME));
    Act begun = chronicle.on(SINCE, new Happening.TrialBegun(new OnTrial(trial, Side.TRIED, 0)));
    chronicle.on(SINCE, begun, new Happening.Withdrawn());
    is(chronicle);
    assertThat(TrialRun.of(plants, FIGURES)).isEmpty();
  }

  @Test
  void whatIsNotMeasuredIsListedAndNotReckoned() {
    var trial = trial(Against.EARLIER, Items.LEAVES);
    var chronicle = joins(trial, Side.TRIED, 0);
    var seen = Inspection.on(LATER).with(Items.LEAVES, Items.LEAVES.saw(Leaves.FIRM));
    chronicle.on(LATER, new Happening.Inspected(seen));
    is(chronicle);
    var leaves = sizes(LATER);
    assertThat(leaves.rows().get(0).readings()).extracting(Reading::on).containsExactly(LATER);
    assertThat(leaves.rows().get(0).value()).isEmpty();
    assertThat(leaves.difference()).isEmpty();
  }
}
