package almanac.app;

import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.OlderData;
import almanac.app.start.RunningApplication;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A folder that was kept by the last build before there were acts goes on being written. */
class FormerBuildGoesOnTest {
  @RegisterExtension
  static final RunningApplication APP =
      RunningApplication.over(data -> OlderData.unpack("schema-7.zip", data));

  @Test
  void itGoesOnBeingWrittenAndTakenBack() throws Exception {
    var before = APP.get("/api/plants/2").body();
    var moved =
        APP.post(
            "/api/plants/2/repots",
            "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}");
    assertThat(moved.status()).as("%s", moved.body()).isEqualTo(201);
    assertThat(moved.body().path("plant").path("card").path("asideOn").isNull()).isTrue();
    var undone =
        APP.post("/api/acts/%s/withdrawal".formatted(moved.body().path("act").asString()), "");
    for (var part : List.of("card", "slip", "checks", "potting", "version")) {
      assertThat(undone.body().path("plant").path(part)).as(part).isEqualTo(before.path(part));
    }
  }

  @Test
  void whatWasToldInWordsAloneStaysTold() throws Exception {
    var told =
        APP.get("/api/plants/7")
            .body()
            .path("journal")
            .valueStream()
            .filter(line -> words(line).startsWith("Believed"))
            .findFirst()
            .orElseThrow();
    assertThat(told.path("canTakeBack").asBoolean()).isFalse();
    assertThat(
            APP.post("/api/acts/%s/withdrawal".formatted(told.path("act").asString()), "").status())
        .isEqualTo(409);
  }
}
