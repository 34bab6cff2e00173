package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/**
 * Several plants in one go: one preparation, a record for each, and all tags checked in the end.
 */
class BatchesTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final AtTheBench BENCH = new AtTheBench(APP);
  private static final List<String> PLANTS =
      List.of("Miltonia Ripple Bank", "Brassia Long Pound", "Phalaenopsis Sunday Bell");

  private static String ids() throws Exception {
    var ids = new java.util.ArrayList<Long>();
    for (var name : PLANTS) {
      ids.add(BENCH.id(name));
    }
    return ids.toString();
  }

  private static JsonNode batch(String uid) throws Exception {
    return APP.get("/api/batches/" + uid).body();
  }

  @Test
  void itIsOverWhenEveryPlantIsDoneAndEveryTagChecked() throws Exception {
    var begun = APP.post("/api/batches", "{\"plants\":%s}".formatted(ids()));
    assertThat(begun.status()).isEqualTo(201);
    var batch = begun.body();
    var uid = batch.path("uid").asString();
    assertThat(batch.path("plants")).hasSize(3);
    assertThat(batch.path("atHand").toString()).contains("a pencil", "a tray");
    assertThat(batch.path("mixes").size()).as("what is to be mixed").isPositive();
    assertThat(APP.delete("/api/batches/" + uid).status()).as("jobs are open").isEqualTo(409);
    for (var plant : batch.path("plants")) {
      var job = APP.get("/api/jobs/" + plant.path("job").asString()).body();
      assertThat(job.path("batch").asString()).isEqualTo(uid);
      assertThat(BENCH.finish(job).status()).isEqualTo(201);
    }
    assertThat(batch(uid).path("plants").valueStream())
        .allSatisfy(plant -> assertThat(plant.path("job").isNull()).isTrue());
    assertThat(APP.delete("/api/batches/" + uid).status()).as("tags").isEqualTo(409);
    for (var name : PLANTS) {
      APP.put(
          "/api/batches/%s/tags".formatted(uid),
          "{\"plant\":%d,\"right\":true}".formatted(BENCH.id(name)));
    }
    assertThat(APP.delete("/api/batches/" + uid).status()).isEqualTo(204);
    assertThat(APP.get("/api/batches/" + uid).status()).isEqualTo(404);
  }

  @Test
  void onePlantIsNoBatchAndNoneIsInTwo() throws Exception {
    long one = BENCH.id("Cattleya Iron Ring");
    long other = BENCH.id("Cattleya Tow Line");
    assertThat(APP.post("/api/batches", "{\"plants\":[%d,%d]}".formatted(one, one)).fault("plants"))
        .isPresent();
    var both = "{\"plants\":[%d,%d]}".formatted(one, other);
    assertThat(APP.post("/api/batches", both).status()).isEqualTo(201);
    assertThat(APP.post("/api/batches", both).status()).isEqualTo(409);
  }

  /** What is the same is told once; then one tap a plant, and each has a record of its own. */
  @Test
  void whatIsToldOfOneIsToldOfAllAndEachIsDoneWithATap() throws Exception {
    long one = BENCH.id("Encyclia Cordwain");
    long other = BENCH.id("Oncidium Slow Barge");
    var batch = APP.post("/api/batches", "{\"plants\":[%d,%d]}".formatted(one, other)).body();
    var uid = batch.path("uid").asString();
    var first = APP.get("/api/jobs/" + batch.path("plants").get(0).path("job").asString()).body();
    var told = AtTheBench.with(first, "mix", "[{\"component\":\"PUMICE\",\"parts\":1}]");
    told.putArray("done").add("TAG").add("PHOTOGRAPH");
    told.putObject("looks").putObject("leaves").putArray("answers").add("FIRM");
    BENCH.save(first, told);
    var nothing = told(batch.path("plants").get(1).path("job").asString());

    var all = APP.post(path(uid, "same"), "{\"like\":%d}".formatted(one)).body();
    assertThat(all.path("plants").get(1).path("done").asInt()).isEqualTo(2);
    var second = APP.get("/api/jobs/" + batch.path("plants").get(1).path("job").asString()).body();
    assertThat(second.path("told").path("mix").toString()).contains("PUMICE");
    assertThat(second.path("told").path("looks")).as("its leaves are its own").isEmpty();

    assertThat(all.path("alike").asInt()).isEqualTo(1);
    var before = APP.delete(path(uid, "same"));
    assertThat(before.body().path("plants").get(1).path("done").asInt()).isZero();
    assertThat(before.body().path("alike").asInt()).isZero();
    assertThat(told(second.path("uid").asString())).isEqualTo(nothing);
    assertThat(APP.delete(path(uid, "same")).status()).as("taken back already").isEqualTo(409);
    APP.post(path(uid, "same"), "{\"like\":%d}".formatted(one));
    var own = APP.get("/api/jobs/" + second.path("uid").asString()).body();
    BENCH.save(own, AtTheBench.with(own, "minutes", "7"));
    assertThat(APP.delete(path(uid, "same")).status()).as("it went on by itself").isEqualTo(409);

    var done = APP.post(path(uid, "done"), "{\"plant\":%d}".formatted(other));
    assertThat(done.status()).as("%s", done.body()).isEqualTo(200);
    assertThat(done.body().path("plants").get(1).path("tagChecked").asBoolean()).isTrue();
    assertThat(APP.get("/api/plants/" + other).body().path("potting").toString())
        .contains("PUMICE");
    assertThat(APP.post(path(uid, "done"), "{\"plant\":%d}".formatted(other)).fault("plant"))
        .as("it is done")
        .isPresent();
    assertThat(APP.post(path(uid, "same"), "{\"like\":%d}".formatted(other)).fault("like"))
        .isPresent();
    assertThat(APP.post(path(uid, "done"), "{\"plant\":%d}".formatted(one)).status())
        .isEqualTo(200);
    assertThat(APP.delete("/api/batches/" + uid).status()).isEqualTo(204);
  }

  private static JsonNode told(String job) throws Exception {
    return APP.get("/api/jobs/" + job).body().path("told");
  }

  private static String path(String uid, String what) {
    return "/api/batches/%s/%s".formatted(uid, what);
  }
}
