package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.record.collection.Plants;
import almanac.app.start.RunningApplication;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicInteger;
import org.jooq.DSLContext;
import org.jooq.ExecuteContext;
import org.jooq.ExecuteListener;
import org.jooq.impl.DefaultExecuteListenerProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

class DemoTest {
  @RegisterExtension
  static final RunningApplication APP = RunningApplication.withDemo().described();

  @Test
  void theDemoShowsEveryVerdict() throws Exception {
    var plants = APP.get("/api/plants").body();
    assertThat(plants.valueStream().map(plant -> plant.path("verdict").asString()))
        .contains(
            "LEAVE",
            "WATCH",
            "ADJUST_CARE",
            "LIFT_AND_LOOK",
            "WAIT_FOR",
            "MOVE_UP",
            "PART_REPOT",
            "FULL_REPOT",
            "DIVIDE",
            "RESCUE",
            "LET_GO");
    assertThat(plants.valueStream().map(plant -> plant.path("placeName").asString()).distinct())
        .hasSize(4);
    assertThat(plants).hasSize(64);
    assertThat(plants.valueStream().map(plant -> plant.path("kind").asString()))
        .containsAll(StandardKinds.standard().stream().map(Kind::key).toList());
    assertThat(plants.valueStream().filter(plant -> !plant.path("heldSince").isNull())).hasSize(1);
    assertThat(plants.valueStream().filter(plant -> !plant.path("apartSince").isNull())).hasSize(1);
  }

  @Test
  void aPageTakesAFixedNumberOfStatementsHoweverManyPlants() throws Exception {
    var statements = new AtomicInteger();
    var db = APP.bean(DSLContext.class);
    db.configuration()
        .set(
            new DefaultExecuteListenerProvider(
                new ExecuteListener() {
                  @Override
                  public void executeStart(ExecuteContext ctx) {
                    statements.incrementAndGet();
                  }
                }));
    APP.bean(Plants.class).forget();
    APP.get("/api/plants");
    assertThat(statements.getAndSet(0)).as("read for the first time").isBetween(1, 30);
    APP.get("/api/plants");
    assertThat(statements.getAndSet(0)).as("nothing was written since").isZero();
    APP.post(
        "/api/plants/1/inspections",
        "{\"on\":\"2027-05-15\",\"looks\":{\"tag\":{\"answers\":[\"MISSING\"]}}}");
    statements.set(0);
    APP.get("/api/plants");
    APP.get("/api/plants/1");
    assertThat(statements.get()).as("what was written is known").isZero();
  }

  @Test
  void aSlipSaysWhatElseToLookAtAndHowOtherApproachesDecide() throws Exception {
    var slip = APP.get("/api/plants/1").body().path("slip");
    assertThat(slip.path("verdict").asString()).isEqualTo("PART_REPOT");
    assertThat(slip.path("method").asString()).startsWith("Part repot: keep the sound medium");
    assertThat(slip.path("approaches").valueStream().map(each -> each.path("approach").asString()))
        .containsExactly("HOUSE_RULES", "WAIT_FOR_NUBS", "FRESH_START", "UNDISTURBED_ROOTS");
    assertThat(slip.path("reasons").valueStream().map(reason -> reason.path("look")))
        .anySatisfy(
            look -> {
              assertThat(look.path("item").asString()).isEqualTo("rim");
              assertThat(look.path("on").asString()).isEqualTo("2027-05-15");
            });
    assertThat(slip.path("deciding").valueStream())
        .allSatisfy(look -> assertThat(look.path("changes").size()).isPositive());
  }

  /** Those whose own slip shows that something else would be asked for, and no others. */
  @Test
  void thePlantsThatApproachesJudgeApartAreThoseOfWhichTheirSlipsSaySo() throws Exception {
    var leave = Set.of("LEAVE", "WATCH", "ADJUST_CARE");
    var one = Set.of("DIVIDE", "WAIT_FOR", "LET_GO");
    var expected = new TreeSet<Long>();
    for (var plant : APP.get("/api/plants").body()) {
      long id = plant.path("id").asLong();
      var asked =
          APP.get("/api/plants/" + id)
              .body()
              .path("slip")
              .path("approaches")
              .valueStream()
              .map(each -> each.path("verdict").asString())
              .map(each -> leave.contains(each) ? "LEAVE" : one.contains(each) ? each : "MOVE")
              .distinct();
      if (asked.count() > 1) {
        expected.add(id);
      }
    }
    var page = APP.get("/api/approach/apart").body();
    assertThat(page.path("plants").asInt()).isEqualTo(64);
    assertThat(page.path("apart"))
        .hasSizeBetween(3, 40)
        .extracting(line -> line.path("plantId").asLong())
        .containsExactlyInAnyOrderElementsOf(expected);
    assertThat(page.path("apart").path(0).path("by"))
        .hasSize(4)
        .filteredOn(each -> each.path("inForce").asBoolean())
        .hasSize(1);
  }

  @Test
  void theLightOfTheYearIsTheLatitudes() throws Exception {
    var site = APP.get("/api/site").body();
    assertThat(site.path("today").asString()).isEqualTo("2027-05-15");
    assertThat(site.path("latitude").asDouble()).isEqualTo(56);
    assertThat(site.path("year")).hasSize(53);
    assertThat(site.path("lightHours").asDouble()).isBetween(16.0, 16.6);
  }

  /** Run with -Dalmanac.write=true to write the document anew. */
  @Test
  void theInterfaceIsBuiltFromTheDocumentThatItDrawsUpItself() throws Exception {
    var json = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    var drawn = json.writeValueAsString(APP.get("/api/openapi/drawn").body()) + "\n";
    var kept = Path.of("src/main/resources/openapi.json");
    if (Boolean.getBoolean("almanac.write")) {
      Files.writeString(kept, drawn);
      return;
    }
    assertThat(kept).content().isEqualTo(drawn);
    assertThat(APP.get("/api/openapi").body()).isEqualTo(json.readTree(drawn));
  }

  @Test
  void itSaysThatItIsWell() throws Exception {
    assertThat(APP.get("/api/health").body().path("status").asString()).isEqualTo("UP");
  }
}
