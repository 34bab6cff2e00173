package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class TagsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static void repot(long plant, String on) throws Exception {
    var body = "{\"on\":\"%s\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}".formatted(on);
    assertThat(APP.post("/api/plants/%d/repots".formatted(plant), body).status()).isEqualTo(201);
  }

  private static void sawTag(long plant, String answer) throws Exception {
    APP.post(
        "/api/plants/%d/inspections".formatted(plant),
        "{\"on\":\"2027-05-15\",\"looks\":{\"tag\":{\"answers\":[\"%s\"]}}}".formatted(answer));
  }

  @Test
  void everyPlantHasATagWithItsGroup() throws Exception {
    var tags = APP.get("/api/tags").body().path("tags");
    assertThat(tags).hasSize(64);
    assertThat(tags.valueStream().map(tag -> tag.path("letter").asString()).distinct())
        .containsExactly("A", "B", "C", "D");
  }

  @Test
  void whatWasHandledTogetherIsCheckedUntilEveryTagWasRead() throws Exception {
    assertThat(APP.get("/api/tags").body().path("together")).isEmpty();
    repot(2, "2027-05-14");
    repot(9, "2027-05-14");
    var together = APP.get("/api/tags").body().path("together");
    assertThat(together).hasSize(1);
    assertThat(together.path(0).path("on").asString()).isEqualTo("2027-05-14");
    assertThat(together.path(0).path("plants")).hasSize(2);
    sawTag(2, "READABLE");
    assertThat(APP.get("/api/tags").body().path("together")).hasSize(1);
    sawTag(9, "READABLE");
    assertThat(APP.get("/api/tags").body().path("together")).isEmpty();
  }

  @Test
  void aMissingTagIsSaidToBeMissing() throws Exception {
    sawTag(4, "MISSING");
    assertThat(
            APP.get("/api/tags")
                .body()
                .path("tags")
                .valueStream()
                .filter(tag -> tag.path("seen").asString().equals("MISSING"))
                .map(tag -> tag.path("plantId").asLong()))
        .containsExactly(4L);
  }

  @Test
  void thatTagsAreTheirOwnIsOneActOnAllOfThem() throws Exception {
    repot(12, "2027-05-13");
    repot(13, "2027-05-13");
    var checked = APP.post("/api/tags/checked", "{\"plants\":[12,13]}");
    assertThat(checked.status()).isEqualTo(201);
    assertThat(checked.body().path("plants").size()).isEqualTo(2);
    assertThat(APP.get("/api/tags").body().path("together")).isEmpty();
    APP.post("/api/acts/%s/withdrawal".formatted(checked.body().path("act").asString()), "");
    assertThat(APP.get("/api/tags").body().path("together").path(0).path("plants"))
        .as("taken back as it was written")
        .hasSize(2);
    assertThat(APP.post("/api/tags/checked", "{\"plants\":[12,9999]}").status()).isEqualTo(404);
    APP.post("/api/tags/checked", "{\"plants\":[12,13]}");
  }
}
