package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

class TagsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static void repot(long plant) throws Exception {
    var body = "{\"on\":\"2027-05-14\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}";
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
    repot(2);
    repot(9);
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
}
