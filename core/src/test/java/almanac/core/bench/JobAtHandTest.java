package almanac.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import almanac.core.figures.Figures;
import almanac.core.history.Aid;
import almanac.core.history.Aim;
import almanac.core.history.Chronicle;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Names;
import almanac.core.history.Plant;
import almanac.core.history.PlantStatus;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.history.Way;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.medium.Component;
import almanac.core.medium.MediumPiece;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.refusals.Refused;
import almanac.core.rhizome.Firmness;
import almanac.core.rhizome.Front;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.season.Conditions;
import almanac.core.season.LightYear;
import almanac.core.stock.Draw;
import almanac.core.stock.Goods;
import almanac.core.stock.Stock;
import almanac.core.stock.StockItem;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** One plant at the bench: what was told, and what follows from it. */
class JobAtHandTest {
  private static final Figures FIGURES = Figures.standard();
  private static final LocalDate CAME = LocalDate.of(2023, 4, 2);
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 15);
  private static final Kind KIND = StandardKinds.named("encyclia").orElseThrow();
  private static final Pot CLAY = new Pot(PotType.CLAY, 120.0, 110.0, "");
  private static final Mix PUMICE = Mix.of(Component.PUMICE);
  private static final UUID BAG = new UUID(7, 1);
  private static final UUID POTS = new UUID(7, 2);

  private Set<Task> done = Set.of();
  private Set<Task> skipped = Set.of();
  private Set<Task> added = Set.of();
  private Inspection seen = Inspection.on(TODAY);
  private RootTally tally = new RootTally(Map.of(), false);
  private Optional<Pot> pot = Optional.empty();
  private Optional<UUID> potItem = Optional.empty();
  private Optional<Mix> mix = Optional.empty();
  private Map<Component, Double> back = Map.of();
  private ToldAtBench.Layers layers =
      new ToldAtBench.Layers(OptionalDouble.empty(), OptionalDouble.empty(), Map.of());
  private Optional<RhizomeMap> map = Optional.empty();
  private List<Integer> cuts = List.of();
  private Map<String, ToldAtBench.PieceTold> pieces = Map.of();
  private Optional<Verdict> chosen = Optional.of(Verdict.FULL_REPOT);
  private Optional<ToldAtBench.Ending> ending = Optional.empty();
  private Map<Aid, String> aids = Map.of();
  private OptionalInt minutes = OptionalInt.empty();

  private static Plant plant() {
    var chronicle = new Chronicle();
    var came =
        chronicle.on(
            CAME,
            new Happening.Potted(
                new Potting(
                    PottedOn.on(CAME), CAME, Mix.of(Component.BARK_MEDIUM), Moisture.DRIES_BETWEEN),
                CLAY,
                false));
    chronicle.with(came, new Happening.Named(new Names("Encyclia Cordwain", "", "")));
    return chronicle.plant();
  }

  private ToldAtBench told() {
    return new ToldAtBench(
        new ToldAtBench.Steps(done, skipped, added),
        seen,
        tally,
        new ToldAtBench.Into(
            pot,
            potItem,
            mix,
            Optional.empty(),
            new ToldAtBench.Layers(layers.bottomMm(), layers.topMm(), back)),
        new ToldAtBench.Cutting(map, cuts, pieces),
        chosen,
        ending,
        new ToldAtBench.Account(minutes, " came out whole ", "", aids));
  }

  private JobAtHand job() {
    var plant = plant();
    var before =
        new Situation(
            TODAY,
            KIND,
            plant.history(),
            new Conditions(LightYear.at(56), OptionalDouble.empty(), Optional.empty()),
            Optional.empty(),
            Aim.AS_IT_COMES,
            Optional.empty());
    return new JobAtHand(plant, KIND, before, new Judge(FIGURES), told(), FIGURES);
  }

  /** Eight growths in a row, the oldest first; the last leads. */
  private static RhizomeMap row() {
    var growths =
        IntStream.rangeClosed(1, 8)
            .mapToObj(
                i ->
                    new MapGrowth(
                        String.valueOf(i),
                        Firmness.FIRM,
                        4,
                        i == 8,
                        i == 8 ? Front.LEAD : i == 4 ? Front.EYE : Front.SPENT))
            .toList();
    var joints =
        IntStream.range(1, 8)
            .mapToObj(i -> new Joint(String.valueOf(i), String.valueOf(i + 1), false))
            .toList();
    return new RhizomeMap(growths, joints);
  }

  private void parted() {
    chosen = Optional.of(Verdict.DIVIDE);
    map = Optional.of(row());
    cuts = List.of(3);
  }

  private <T extends Happening> List<T> written(Class<T> type) {
    return new JobFinished(job(), stock(), FIGURES)
        .happenings(Duration.ofMinutes(34)).stream()
            .filter(type::isInstance)
            .map(type::cast)
            .toList();
  }

  private List<Function<String, List<Happening>>> daughters() {
    return new JobFinished(job(), stock(), FIGURES).daughters(new Stand(3, 20));
  }

  private static Stock stock() {
    return new Stock(
        List.of(
            new StockItem(BAG, new Goods.Loose(Component.PUMICE, null), 9000),
            new StockItem(POTS, new Goods.Pots(CLAY), 6)));
  }

  @Test
  void whatNobodyToldIsAsBefore() {
    var job = job();
    assertThat(job.mix()).isEqualTo(Mix.of(Component.BARK_MEDIUM));
    assertThat(job.potted().orElseThrow().pot()).isEqualTo(CLAY);
    assertThat(job.parting().pieces()).as("nothing is cut").isEmpty();
    mix = Optional.of(PUMICE);
    pot = Optional.of(new Pot(PotType.PLASTIC, 150.0, 130.0, ""));
    assertThat(job().potted().orElseThrow().potting().mix()).isEqualTo(PUMICE);
    assertThat(job().potted().orElseThrow().pot().diameterMm()).isEqualTo(150);
  }

  @Test
  void whoSkipsTheFillingHasNotMovedIt() {
    skipped = Set.of(Task.FILL);
    mix = Optional.of(PUMICE);
    assertThat(job().potted()).isEmpty();
    assertThat(written(Happening.Potted.class)).isEmpty();
    assertThat(written(Happening.Drew.class)).as("nothing is taken from the stock").isEmpty();
  }

  @Test
  void whatWasFoundAtTheBenchIsJudgedAndWritten() {
    seen = seen.with(Items.MEDIUM_PIECE, Items.MEDIUM_PIECE.saw(MediumPiece.TEARS));
    assertThat(written(Happening.Inspected.class)).hasSize(1);
    assertThat(job().work().history().latest(Items.MEDIUM_PIECE, TODAY).saw(MediumPiece.TEARS))
        .isTrue();
  }

  @Test
  void itTookAsLongAsWasToldOrElseAsWasMeasuredAndNeverMoreThanADay() {
    assertThat(written(Happening.Worked.class).get(0).minutes()).isEqualTo(34);
    assertThat(written(Happening.Worked.class).get(0).well()).isEqualTo("came out whole");
    minutes = OptionalInt.of(12);
    assertThat(written(Happening.Worked.class).get(0).minutes()).isEqualTo(12);
    minutes = OptionalInt.empty();
    var overnight = new JobFinished(job(), stock(), FIGURES).happenings(Duration.ofDays(3));
    assertThat(overnight)
        .filteredOn(Happening.Worked.class::isInstance)
        .extracting(each -> ((Happening.Worked) each).minutes())
        .containsExactly(1440);
    assertThat(written(Happening.Worked.class).get(0).way()).isEqualTo(Way.OPENED);
  }

  @Test
  void eachPieceIsAPlantOfItsOwnBehindTheLastOfItsPlace() {
    parted();
    assertThat(job().parting().pieces())
        .extracting(piece -> piece.fate(), piece -> piece.piece().growths().size())
        .containsExactly(tuple(PieceFate.STAYS, 4), tuple(PieceFate.POTTED, 4));
    var daughters = daughters();
    assertThat(daughters).hasSize(1);
    var daughter = daughters.get(0).apply("27-065");
    assertThat(daughter)
        .contains(
            new Happening.PartedFrom(1L),
            new Happening.Numbered("27-065"),
            new Happening.Moved(new Stand(3, 20)));
    assertThat(daughter).noneMatch(Happening.Became.class::isInstance);
    assertThat(written(Happening.Mapped.class).get(0).map().growths()).hasSize(4);
    pieces =
        Map.of(
            job().parting().pieces().get(1).key(),
            new ToldAtBench.PieceTold(
                PieceFate.GIVEN_AWAY, Optional.empty(), Optional.empty(), " the ferryman "));
    assertThat(daughters().get(0).apply("27-065"))
        .contains(new Happening.Became(new Fate(PlantStatus.GIVEN_AWAY, "the ferryman")));
    skipped = Set.of(Task.PART);
    assertThat(job().parting().daughters()).as("nobody cut it").isEmpty();
  }

  @Test
  void lettersOfPiecesGoByTheDrawingAndNotByTheirStrength() {
    parted();
    cuts = List.of(1);
    var parting = job().parting();
    assertThat(parting.pieces())
        .extracting(parting::letter)
        .as("the one with more growths and the lead is the stronger one")
        .containsExactly("B", "A");
    assertThat(parting.map().growths())
        .extracting(growth -> parting.letterAt(growth).orElseThrow())
        .containsExactly("A", "A", "B", "B", "B", "B", "B", "B");
    cuts = List.of();
    var whole = job().parting();
    assertThat(whole.map().growths()).allMatch(growth -> whole.letterAt(growth).isEmpty());
  }

  @Test
  void onePieceStaysThePlantAndCutsGoThroughJoints() {
    parted();
    var out = new ToldAtBench.PieceTold(PieceFate.OUT, Optional.empty(), Optional.empty(), "");
    var keys = job().parting().pieces().stream().map(Parting.Parted::key).toList();
    pieces = Map.of(keys.get(0), out, keys.get(1), out);
    assertThatThrownBy(this::job)
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo("dividing.pieces"));
    cuts = List.of(3, 7);
    assertThatThrownBy(this::job)
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo("dividing.cuts[1]"));
  }

  @Test
  void theStockIsDrawnFromForEveryPotAndWhatIsBoiledGoesBack() {
    mix = Optional.of(PUMICE);
    pot = Optional.of(CLAY);
    potItem = Optional.of(POTS);
    parted();
    back = Map.of(Component.PUMICE, 250.0);
    assertThat(job().needs().all().chosen()).containsExactly(POTS, POTS);
    assertThat(job().needs().fillings()).hasSize(2);
    var draws = written(Happening.Drew.class).get(0).draws();
    assertThat(draws)
        .filteredOn(draw -> draw.item().equals(POTS))
        .extracting(Draw::amount)
        .containsExactly(2.0);
    assertThat(draws)
        .filteredOn(draw -> draw.item().equals(BAG))
        .extracting(Draw::amount)
        .anyMatch(ml -> ml > 0)
        .contains(-250.0);
  }

  @Test
  void apartIsWrittenOnceItIsDone() {
    added = Set.of(Task.APART);
    assertThat(written(Happening.KeptApart.class)).isEmpty();
    done = Set.of(Task.APART);
    assertThat(written(Happening.KeptApart.class)).containsExactly(new Happening.KeptApart(TODAY));
  }

  @Test
  void afterAGreatLossThePotFollowsTheRoots() {
    assertThat(job().move().rootless()).isFalse();
    tally = new RootTally(Map.of(RootFate.SOFT, 9), false);
    assertThat(job().move().rootless()).isTrue();
  }

  @Test
  void whatCannotBeIsRefusedByName() {
    chosen = Optional.of(Verdict.LEAVE);
    assertThatThrownBy(this::told).hasMessage("Choose a way to move it, or to let it go.");
    chosen = Optional.empty();
    added = Set.of(Task.POT);
    assertThatThrownBy(this::told).hasMessageContaining("cannot be added");
    added = Set.of();
    for (var bad : List.of(-1.0, 100_001.0, Double.NaN)) {
      back = Map.of(Component.PUMICE, bad);
      assertThatThrownBy(this::told).hasMessageContaining("up to 100 litres");
    }
    back = Map.of(Component.BARK_FINE, 10.0);
    assertThatThrownBy(this::told)
        .isInstanceOfSatisfying(
            Refused.class, bad -> assertThat(bad.field().key()).isEqualTo("fill.back.BARK_FINE"));
  }

  @Test
  void thePotIsFilledAfterItsLayersAndTheBallThatStays() {
    mix = Optional.of(PUMICE);
    pot = Optional.of(CLAY);
    var bare = job().needs().fillings().get(0);
    layers = new ToldAtBench.Layers(OptionalDouble.of(0), OptionalDouble.empty(), Map.of());
    assertThat(job().needs().fillings().get(0).mixMl())
        .as("no layer under it")
        .isGreaterThan(bare.mixMl());
    layers = new ToldAtBench.Layers(OptionalDouble.empty(), OptionalDouble.of(10), Map.of());
    var topped = job().needs().fillings().get(0);
    assertThat(topped.topMl()).isPositive();
    assertThat(topped.mixMl()).isLessThan(bare.mixMl());
    layers = new ToldAtBench.Layers(OptionalDouble.empty(), OptionalDouble.empty(), Map.of());
    pot = Optional.of(new Pot(PotType.CLAY, 120.0, 110.0, "gravel"));
    assertThat(bare.topMl()).isZero();
    assertThat(job().needs().fillings().get(0).topMl()).as("as it is topped").isPositive();
    pot = Optional.of(new Pot(PotType.PLASTIC, 150.0, 140.0, ""));
    chosen = Optional.of(Verdict.FULL_REPOT);
    double opened = job().needs().fillings().get(0).mixMl();
    chosen = Optional.of(Verdict.PART_REPOT);
    double half = job().needs().fillings().get(0).mixMl();
    chosen = Optional.of(Verdict.MOVE_UP);
    double whole = job().needs().fillings().get(0).mixMl();
    assertThat(opened).isGreaterThan(half);
    assertThat(half).isGreaterThan(whole);
  }

  @Test
  void aPotThatWasNotMeasuredIsNotFilledAndOneTooSmallIsRefused() {
    pot = Optional.of(new Pot(PotType.CLAY, 120.0, null, ""));
    assertThat(job().needs().fillings()).isEmpty();
    pot = Optional.of(new Pot(PotType.CLAY, null, 110.0, ""));
    assertThat(job().needs().fillings()).isEmpty();
    chosen = Optional.of(Verdict.MOVE_UP);
    pot = Optional.of(new Pot(PotType.CLAY, 60.0, 50.0, ""));
    assertThat(job().needs().fillings()).isEmpty();
    assertThatThrownBy(() -> job().needs().refuseTooSmall()).isInstanceOf(Refused.class);
    pot = Optional.of(new Pot(PotType.CLAY, 160.0, 140.0, ""));
    assertThatCode(() -> job().needs().refuseTooSmall()).doesNotThrowAnyException();
  }

  @Test
  void potsThatNobodyChoseAreLacking() {
    assertThat(job().needs().all().pots()).as("it may go back into its own").isEmpty();
    chosen = Optional.of(Verdict.MOVE_UP);
    assertThat(job().needs().all().pots())
        .singleElement()
        .satisfies(
            wider -> {
              assertThat(wider.type()).isEqualTo(PotType.CLAY);
              assertThat(wider.diameterMm()).isGreaterThan(120);
            });
    pot = Optional.of(CLAY);
    assertThat(job().needs().all().pots()).isEmpty();
    pot = Optional.empty();
    parted();
    assertThat(job().needs().all().pots()).as("one for the piece").hasSize(1);
    pieces =
        Map.of(
            job().parting().daughters().get(0).key(),
            new ToldAtBench.PieceTold(PieceFate.POTTED, Optional.of(CLAY), Optional.of(POTS), ""));
    assertThat(job().needs().all().pots()).isEmpty();
    assertThat(job().needs().all().chosen()).containsExactly(POTS);
  }

  @Test
  void aPieceMayHaveAMixAndATallyOfItsOwn() {
    mix = Optional.of(PUMICE);
    pot = Optional.of(CLAY);
    parted();
    var own = Mix.of(Component.LAVA);
    pieces =
        Map.of(
            job().parting().daughters().get(0).key(),
            new ToldAtBench.PieceTold(
                PieceFate.POTTED,
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.of(own),
                RootTally.EMPTY.and(RootFate.FIRM_KEPT, 2).and(RootFate.SOFT, 9)));
    assertThat(job().needs().byMix().keySet()).containsExactly(PUMICE, own);
    assertThat(job().needs().all().looseMl()).containsKeys(Component.PUMICE, Component.LAVA);
    var daughter = daughters().get(0).apply("27-065");
    assertThat(daughter)
        .anyMatch(
            each -> each instanceof Happening.Potted potted && potted.potting().mix().equals(own))
        .anyMatch(
            each ->
                each instanceof Happening.Worked worked
                    && worked.minutes() == 0
                    && worked.tally().of(RootFate.SOFT) == 9)
        .anyMatch(Happening.Inspected.class::isInstance);
    assertThat(job().potted().orElseThrow().potting().mix()).isEqualTo(PUMICE);
  }

  @Test
  void whatWasGivenToTheRootsIsNotedByItsName() {
    aids = Map.of(Aid.INFUSION, " willow bark ", Aid.SLOW_FEED, " ");
    assertThat(written(Happening.Aided.class))
        .containsExactly(new Happening.Aided(Aid.INFUSION, "willow bark"));
  }

  @Test
  void whatIsLetGoHasEndedWithTheJobAndABulbOfItBeginsAnew() {
    chosen = Optional.of(Verdict.LET_GO);
    assertThat(job().has(Task.FILL)).isFalse();
    assertThat(written(Happening.Became.class)).as("nobody said what became of it").isEmpty();
    ending = Optional.of(new ToldAtBench.Ending(LastWord.THROWN_OUT, " wilt ", false));
    assertThat(written(Happening.Became.class))
        .containsExactly(new Happening.Became(new Fate(PlantStatus.LOST, "wilt")));
    assertThat(daughters()).isEmpty();
    ending = Optional.of(new ToldAtBench.Ending(LastWord.GIVEN_AWAY, "", true));
    assertThat(written(Happening.Became.class))
        .containsExactly(new Happening.Became(new Fate(PlantStatus.GIVEN_AWAY, "")));
    var bulb = daughters().get(0).apply("27-065");
    assertThat(bulb)
        .contains(new Happening.PartedFrom(1L), new Happening.Moved(new Stand(3, 20)))
        .anyMatch(
            each ->
                each instanceof Happening.Became became
                    && became.fate().status() == PlantStatus.RECOVERING)
        .anyMatch(
            each ->
                each instanceof Happening.Potted potted
                    && potted.potting().mix().equals(Mix.of(Component.SPHAGNUM_BEST)));
    ending = Optional.of(new ToldAtBench.Ending(LastWord.STAYS, "", false));
    assertThat(written(Happening.Became.class)).as("it stays after all").isEmpty();
  }

  @Test
  void whatWasSaidOfAnEndingIsNothingWhereItIsMovedAfterAll() {
    ending = Optional.of(new ToldAtBench.Ending(LastWord.THROWN_OUT, "wilt", true));
    assertThat(written(Happening.Became.class)).isEmpty();
    assertThat(daughters()).isEmpty();
  }

  private String refused(Unsaid unsaid) {
    try {
      unsaid.refuse(job(), FIGURES);
      return "";
    } catch (Refused refused) {
      return refused.field().key();
    }
  }

  @Test
  void whatNobodyElseKnowsIsAskedBeforeAJobIsWrittenDown() {
    var now = new Unsaid(TODAY, Optional.empty(), TODAY);
    var left = new Unsaid(TODAY.minusDays(2), Optional.empty(), TODAY);
    assertThat(refused(now)).isEmpty();
    assertThat(refused(new Unsaid(TODAY.minusDays(1), Optional.empty(), TODAY))).isEmpty();
    assertThat(refused(left)).isEqualTo("on");
    assertThat(refused(new Unsaid(TODAY.minusDays(2), Optional.of(TODAY), TODAY))).isEmpty();
    chosen = Optional.of(Verdict.LET_GO);
    assertThat(refused(now)).isEqualTo("ending.became");
    chosen = Optional.of(Verdict.MOVE_UP);
    assertThat(refused(now)).as("which wider pot").isEqualTo("pot");
    skipped = Set.of(Task.FILL);
    assertThat(refused(now)).as("it was not moved").isEmpty();
    skipped = Set.of();
    pot = Optional.of(new Pot(PotType.PLASTIC, 150.0, 130.0, ""));
    assertThat(refused(now)).isEmpty();
  }
}
