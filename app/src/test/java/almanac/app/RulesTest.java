package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The collector's own figures, kinds and approaches, and what would be if. */
class RulesTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final String PATIENT = "{\"values\":{\"verdict.leave-below\":45}}";
  private static final String STANDARD = "{\"values\":{\"verdict.leave-below\":null}}";

  @AfterEach
  void backToTheDefaults() throws Exception {
    APP.put("/api/rules", STANDARD);
    APP.put("/api/approach", "{\"approach\":\"HOUSE_RULES\"}");
  }

  private static String verdicts() throws Exception {
    return APP.get("/api/plants")
        .body()
        .valueStream()
        .map(plant -> plant.path("verdict").asString())
        .toList()
        .toString();
  }

  private static JsonNode figure(String key) throws Exception {
    return APP.get("/api/rules")
        .body()
        .valueStream()
        .flatMap(chapter -> chapter.path("figures").valueStream())
        .filter(figure -> figure.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static JsonNode plant(String label) throws Exception {
    long id =
        APP.get("/api/plants")
            .body()
            .valueStream()
            .filter(plant -> plant.path("name").asString().equals(label))
            .findFirst()
            .orElseThrow()
            .path("id")
            .asLong();
    return APP.get("/api/plants/" + id).body();
  }

  private static RunningApplication.Answer whatIf(JsonNode plant, String change) throws Exception {
    var asked = change.isEmpty() ? "" : "," + change;
    var looks = change.contains("\"looks\"") ? "" : "\"looks\":{},";
    var figures = change.contains("\"figures\"") ? "" : "\"figures\":{}";
    var body = "{" + looks + figures + (figures.isEmpty() ? change : asked) + "}";
    return APP.post("/api/plants/%d/what-if".formatted(plant.path("id").asLong()), body);
  }

  @Test
  void everyFigureSaysWhyItIsWhatItIs() throws Exception {
    var figure = figure("need.sour");
    assertThat(figure.path("standard").asDouble()).isEqualTo(20);
    assertThat(figure.path("own").isNull()).isTrue();
    assertThat(figure.path("reason").asString()).contains("lacks air");
  }

  @Test
  void aTrialSaysWhatWouldChangeAndSavesNothing() throws Exception {
    var before = verdicts();
    var effect = APP.post("/api/rules/trial", PATIENT).body();
    assertThat(effect.path("plants").asInt()).isEqualTo(APP.get("/api/plants").body().size());
    assertThat(effect.path("changed").size()).isPositive();
    assertThat(effect.path("changed").valueStream())
        .allSatisfy(
            changed ->
                assertThat(changed.path("before").asString())
                    .isNotEqualTo(changed.path("after").asString()));
    assertThat(verdicts()).isEqualTo(before);
  }

  @Test
  void anOwnFigureActsAtOnceAndCanBePutBack() throws Exception {
    var before = verdicts();
    var promised = APP.post("/api/rules/trial", PATIENT).body().path("changed").size();
    APP.put("/api/rules", PATIENT);
    assertThat(figure("verdict.leave-below").path("own").asDouble()).isEqualTo(45);
    assertThat(APP.post("/api/rules/trial", STANDARD).body().path("changed").size())
        .as("as many as were announced")
        .isEqualTo(promised);
    assertThat(verdicts()).isNotEqualTo(before);
    APP.put("/api/rules", STANDARD);
    assertThat(verdicts()).isEqualTo(before);
  }

  @Test
  void figuresThatMakeNoSenseAreRefusedTogether() throws Exception {
    var bad = "{\"values\":{\"need.sour\":30,\"need.loose\":101}}";
    var refused = APP.put("/api/rules", bad);
    assertThat(refused.status()).isEqualTo(400);
    assertThat(refused.fault("need.loose")).isPresent();
    assertThat(figure("need.sour").path("own").isNull()).as("nothing half-saved").isTrue();
    var unknown = APP.put("/api/rules", "{\"values\":{\"need.mood\":3}}");
    assertThat(unknown.fault("need.mood")).isPresent();
  }

  @Test
  void anApproachHoldsForTheCollectionAPlaceOrAPlant() throws Exception {
    var weir = plant("Cattleya Weir Song");
    assertThat(weir.path("slip").path("approach").asString()).isEqualTo("HOUSE_RULES");
    APP.put("/api/approach", "{\"approach\":\"FRESH_START\"}");
    assertThat(plant("Cattleya Weir Song").path("slip").path("approach").asString())
        .isEqualTo("FRESH_START");

    long place = weir.path("place").path("id").asLong();
    var name = weir.path("place").path("name").asString();
    APP.put(
        "/api/places/" + place, "{\"name\":\"%s\",\"approach\":\"WAIT_FOR_NUBS\"}".formatted(name));
    assertThat(plant("Cattleya Weir Song").path("slip").path("approach").asString())
        .isEqualTo("WAIT_FOR_NUBS");

    var own = change(weir, "\"approach\":\"UNDISTURBED_ROOTS\"");
    assertThat(own.status()).as("%s", own.body()).isEqualTo(200);
    assertThat(own.body().path("plant").path("slip").path("approach").asString())
        .isEqualTo("UNDISTURBED_ROOTS");
    assertThat(change(weir, "\"approach\":null").status())
        .as("a window that still shows the former version")
        .isEqualTo(409);
    change(plant("Cattleya Weir Song"), "\"approach\":null");
    APP.put("/api/places/" + place, "{\"name\":\"%s\"}".formatted(name));
  }

  private static RunningApplication.Answer change(JsonNode plant, String with) throws Exception {
    return APP.put(
        "/api/plants/" + plant.path("id").asLong(),
        """
        {"version":"%s","card":%s,"kind":"%s","placeId":%d,"aim":"AS_IT_COMES",
         "cameRootless":false,"deviation":{},%s}"""
            .formatted(
                plant.path("version").asString(),
                card(plant, "", ""),
                plant.path("kind").asString(),
                plant.path("place").path("id").asLong(),
                with));
  }

  /** The card of a plant as it is sent, with one text put in the place of another. */
  static String card(JsonNode plant, String right, String wrong) {
    var card = ((ObjectNode) plant.path("card")).deepCopy();
    card.remove(List.of("mother", "daughters", "asideOn", "statusWords"));
    return card.toString().replace(right, wrong);
  }

  @Test
  void whatWouldBeIsAskedWithoutSaving() throws Exception {
    var plant = plant("Oncidium Slow Barge");
    var asked = whatIf(plant, "\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":8}}").body();
    assertThat(asked.path("slip").path("verdict").asString()).isEqualTo("FULL_REPOT");
    assertThat(asked.path("changes").valueStream().map(JsonNode::toString))
        .anySatisfy(change -> assertThat(change).contains("instead of"));
    assertThat(plant("Oncidium Slow Barge").path("slip")).isEqualTo(plant.path("slip"));
  }

  @Test
  void askingForNothingChangesNothing() throws Exception {
    var plant = plant("Oncidium Slow Barge");
    var asked = whatIf(plant, "").body();
    assertThat(asked.path("slip")).isEqualTo(plant.path("slip"));
    assertThat(asked.path("changes")).isEmpty();
  }

  @Test
  void aMoveCanBeDoneOtherwise() throws Exception {
    var plant = plant("Oncidium Slow Barge");
    var seen =
        "\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":40},"
            + "\"crowding\":{\"answers\":[\"CLINGING\"]}}";
    double asMeant = whatIf(plant, seen).body().path("slip").path("risk").path("tips").asDouble();
    var cut =
        whatIf(plant, seen + ",\"handling\":{\"opened\":null,\"soaked\":false,\"potCut\":true}")
            .body();
    assertThat(cut.path("slip").path("risk").path("tips").asDouble())
        .isGreaterThan(0)
        .isLessThan(asMeant);
    assertThat(cut.path("changes").valueStream().map(RunningApplication::plain))
        .anySatisfy(
            change -> assertThat(change).matches("A move would break .+ % .+ instead of .+ %"));
    var whole =
        whatIf(plant, seen + ",\"handling\":{\"opened\":\"WHOLE\",\"soaked\":true,\"potCut\":true}")
            .body();
    assertThat(whole.path("slip").path("risk").path("tips").asDouble())
        .isLessThan(cut.path("slip").path("risk").path("tips").asDouble());
  }

  @Test
  void aLookADayATraitOrAFigureCanBeOtherwise() throws Exception {
    var plant = plant("Oncidium Slow Barge");
    var blind = whatIf(plant, "\"looks\":{\"newRoots\":null}").body().path("slip");
    assertThat(blind.path("notLookedAt").toString()).contains("newRoots");
    assertThat(blind.path("readinessMost").asInt()).isGreaterThan(blind.path("readiness").asInt());

    var later = whatIf(plant, "\"on\":\"2027-06-20\"").body().path("slip");
    assertThat(later.path("judgedOn").asString()).isEqualTo("2027-06-20");
    assertThat(later.path("roots").path(0).path("lengthMm").asDouble()).isPositive();

    var slow = whatIf(plant, "\"deviation\":{\"rootSpeed\":4}").body().path("slip");
    assertThat(slow.path("roots").path(0).path("mmAWeek").asDouble()).isEqualTo(4);

    var fresh = whatIf(plant, "\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]").body();
    assertThat(fresh.path("slip").path("medium").isNull()).isTrue();

    var strict = whatIf(plant, "\"figures\":{\"verdict.ready-enough\":5}").body().path("slip");
    assertThat(strict.path("verdict").asString()).isEqualTo("FULL_REPOT");

    assertThat(whatIf(plant, "\"on\":\"2040-01-01\"").fault("on")).isPresent();
    assertThat(whatIf(plant, "\"deviation\":{\"rootSpeed\":900}").fault("deviation.rootSpeed"))
        .isPresent();
    assertThat(
            whatIf(plant, "\"looks\":{\"newRoots\":{\"answers\":[\"NONE\"],\"measured\":40}}")
                .fault("looks.newRoots.measured"))
        .isPresent();
  }

  @Test
  void aKindIsChangedCopiedAndPutBack() throws Exception {
    var kinds = APP.get("/api/kinds").body();
    var oncidium = kind(kinds, "oncidium");
    assertThat(oncidium.path("standing").asString()).isEqualTo("STANDARD");
    var entry =
        "{\"name\":%s,\"traits\":%s}".formatted(oncidium.path("name"), oncidium.path("traits"));

    double before = speed("Oncidium Slow Barge");
    var changed =
        APP.put("/api/kinds/oncidium", entry.replace("\"rootSpeed\":17.0", "\"rootSpeed\":9"));
    assertThat(changed.body().path("standing").asString()).isEqualTo("CHANGED");
    assertThat(speed("Oncidium Slow Barge")).isLessThan(before);
    APP.send(APP.request("/api/kinds/oncidium").DELETE().build());
    assertThat(speed("Oncidium Slow Barge")).isEqualTo(before);

    var copy = entry.replace("Oncidium alliance", "Oncidium of the weir");
    assertThat(APP.post("/api/kinds", copy).body().path("key").asString())
        .isEqualTo("oncidium-of-the-weir");
    assertThat(APP.post("/api/kinds", copy).fault("name")).isPresent();
    assertThat(
            APP.post(
                    "/api/kinds",
                    copy.replace("weir", "lock").replace("\"dayMost\":28.0", "\"dayMost\":2"))
                .fault("traits.dayMost"))
        .isPresent();
    var gone = APP.send(APP.request("/api/kinds/oncidium-of-the-weir").DELETE().build());
    assertThat(gone.status()).isEqualTo(204);
  }

  private static JsonNode kind(JsonNode kinds, String key) {
    return kinds
        .valueStream()
        .filter(kind -> kind.path("key").asString().equals(key))
        .findFirst()
        .orElseThrow();
  }

  private static double speed(String label) throws Exception {
    return plant(label).path("slip").path("roots").path(0).path("mmAWeek").asDouble();
  }

  @Test
  void theFormerNameOfAFigureIsStillUnderstood() throws Exception {
    APP.put("/api/rules", "{\"values\":{\"profile.root-speed\":21}}");
    assertThat(figure("kind.root-speed").path("own").asDouble()).isEqualTo(21);
    APP.put("/api/rules", "{\"values\":{\"kind.root-speed\":null}}");
    assertThat(figure("kind.root-speed").path("own").isNull()).isTrue();
  }
}
