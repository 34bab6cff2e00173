package almanac.app.record.collection;

import static almanac.app.db.Tables.PLANT;
import static almanac.app.db.Tables.SPEAKING;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.ground.refusals.Conflict;
import almanac.app.judged.judging.Judging;
import almanac.app.record.journal.Journals;
import almanac.app.record.journal.NewAct;
import almanac.app.start.RunningApplication;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.Purpose;
import almanac.core.history.Act;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Names;
import almanac.core.history.PlantStatus;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.history.Standing;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Leaves;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What is drawn up of the journals comes out the same when it is drawn up from them anew. */
class DrawnUpTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final LocalDate TODAY = RunningApplication.TODAY;
  private static final int ACTS = 600;

  private static void comesOutTheSame() {
    var db = APP.bean(DSLContext.class);
    var plants = APP.bean(Plants.class);
    var anew = Journals.read(db);
    assertThat(anew).isNotEmpty();
    for (var plant : anew) {
      var known = plants.told(plant.id());
      assertThat(known.card()).isEqualTo(plant.card());
      assertThat(known.uid()).isEqualTo(plant.uid());
      assertThat(known.journal().lines()).isEqualTo(plant.journal().lines());
      assertThat(known.journal().holding()).isEqualTo(plant.journal().holding());
      assertThat(known.history().potting()).isEqualTo(plant.history().potting());
      var drawn = db.fetchSingle(PLANT, PLANT.ID.eq(plant.id()));
      var expected = db.newRecord(PLANT);
      PlantTable.fill(expected, plant.card(), plant.journal().begun());
      expected.setId(plant.id());
      expected.setUid(plant.uid());
      assertThat(drawn).isEqualTo(expected);
    }
    assertThat(db.select(SPEAKING.HAPPENING_ID).from(SPEAKING).fetchSet(SPEAKING.HAPPENING_ID))
        .isEqualTo(
            anew.stream()
                .flatMap(plant -> SpeakingTable.ids(SpeakingTable.speaking(plant)).stream())
                .collect(Collectors.toSet()));
  }

  /** By what speaks of today alone a plant is judged and looked after as by its whole journal. */
  private static int judgedByLess() {
    var judging = APP.bean(Judging.class);
    var plants = APP.bean(Plants.class);
    int less = 0;
    for (var plant : plants.everybody()) {
      var whole =
          new PlantInPlace(plants.whole(plant.id()), plant.kind(), plant.place(), plant.namesake());
      less +=
          plant.plant().journal().lines().size() < whole.plant().journal().lines().size() ? 1 : 0;
      assertThat(plant.card()).isEqualTo(whole.card());
      assertThat(plant.plant().here()).isEqualTo(whole.plant().here());
      assertThat(plant.plant().addedOn()).isEqualTo(whole.plant().addedOn());
      assertThat(plant.plant().undecidedNewcomer()).isEqualTo(whole.plant().undecidedNewcomer());
      assertThat(plant.plant().potted()).isEqualTo(whole.plant().potted());
      for (int days : new int[] {0, 3, 40, 200}) {
        var day = TODAY.plusDays(days);
        assertThat(judging.judge(plant, day)).isEqualTo(judging.judge(whole, day));
        assertThat(judging.checks(plant, day)).isEqualTo(judging.checks(whole, day));
      }
    }
    return less;
  }

  @Test
  void ofTheDemo() {
    comesOutTheSame();
    assertThat(judgedByLess()).as("plants of which not everything speaks of today").isPositive();
  }

  @Test
  void aPlantThatSomebodyHasWrittenInMeanwhileIsTakenAsItsJournalSays() {
    var plants = APP.bean(Plants.class);
    var before = plants.all().get(0);
    var whole = plants.whole(before.id());
    assertThat(plants.asOf(whole, before)).isSameAs(before);
    var seen = Inspection.on(TODAY).with(Items.LEAVES, Items.LEAVES.saw(Leaves.LIMP));
    var act = new Act(Long.MAX_VALUE, new UUID(0, 1), TODAY, TODAY, null, "");
    var written = whole.and(List.of(new Line(Long.MAX_VALUE, act, new Happening.Inspected(seen))));
    assertThat(plants.asOf(written, before).history().inspections()).endsWith(seen);
  }

  @Test
  void ofWhateverIsWrittenCorrectedAndTakenBack() {
    var random = new Random(20270515);
    var keeping = APP.bean(Keeping.class);
    var plants = APP.bean(Plants.class);
    var acts = new ArrayList<Act>();
    for (int i = 0; i < ACTS; i++) {
      var on = plants.whole(plants.all().get(random.nextInt(plants.all().size())).id());
      if (random.nextInt(4) == 0 && !acts.isEmpty()) {
        try {
          acts.add(keeping.withdraw(acts.get(random.nextInt(acts.size())).uid(), TODAY).act());
        } catch (Conflict settledBefore) {
          continue;
        }
      } else if (random.nextInt(4) == 0) {
        on.journal().holding().stream()
            .filter(line -> acts.contains(line.act()))
            .reduce((older, newer) -> newer)
            .ifPresent(line -> acts.add(correct(line, on.id(), random)));
      } else {
        acts.add(keeping.write(NewAct.of(TODAY, on.id(), any(random)), TODAY).act());
      }
    }
    assertThat(standings())
        .hasSize(Standing.values().length)
        .allSatisfy((how, many) -> assertThat(many).as("acts that are %s", how).isGreaterThan(20));
    comesOutTheSame();
    assertThat(judgedByLess()).isGreaterThan(30);
  }

  private static Act correct(Line wrong, long plantId, Random random) {
    return APP.bean(Keeping.class)
        .write(NewAct.of(TODAY, plantId, any(random)).correcting(wrong.act()), TODAY)
        .act();
  }

  private static Map<Standing, Integer> standings() {
    var standings = new EnumMap<Standing, Integer>(Standing.class);
    var plants = APP.bean(Plants.class);
    for (var plant : plants.everybody()) {
      var journal = plants.whole(plant.id()).journal();
      journal.lines().stream()
          .map(Line::act)
          .distinct()
          .forEach(act -> standings.merge(journal.standing(act), 1, Integer::sum));
    }
    return standings;
  }

  private static Happening any(Random random) {
    var day = TODAY.minusDays(random.nextInt(40));
    return List.<Happening>of(
            new Happening.Named(new Names("Label " + random.nextInt(), "", "")),
            new Happening.Moved(new Stand(1 + random.nextInt(4), random.nextInt(90))),
            new Happening.Held(day),
            new Happening.Freed(),
            new Happening.SetAside(day),
            new Happening.TakenBack(),
            new Happening.KeptApart(day),
            new Happening.LetIn(),
            new Happening.Noted("Note " + random.nextInt()),
            new Happening.Became(new Fate(PlantStatus.RECOVERING, "")),
            new Happening.Inspected(
                Inspection.on(TODAY).with(Items.NEW_ROOTS, Items.NEW_ROOTS.saw(RootStage.NUB))),
            new Happening.Inspected(
                Inspection.on(TODAY).with(Items.LEAVES, Items.LEAVES.saw(Leaves.WRINKLED))),
            new Happening.Checked(new CheckName(Purpose.STANDS, day), CheckAnswer.NOT_AS_HOPED),
            new Happening.Potted(
                new Potting(
                    PottedOn.on(TODAY), TODAY, Mix.of(Component.BARK_FINE), Moisture.KEPT_MOIST)))
        .get(random.nextInt(14));
  }
}
