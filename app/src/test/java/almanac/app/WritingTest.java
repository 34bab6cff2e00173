package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** What a write answers is what anybody reads afterwards, whatever was written. */
class WritingTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static JsonNode page(long plant) throws Exception {
    return APP.get("/api/plants/" + plant).body();
  }

  private static JsonNode answersWhatIsRead(String path, String body) throws Exception {
    var written = APP.post(path, body);
    assertThat(written.status()).as("%s %s", path, written.body()).isEqualTo(201);
    var plant = written.body().path("plant");
    long id = plant.path("id").asLong();
    assertThat(plant).as("%s %s", path, body).isEqualTo(page(id));
    var line =
        APP.get("/api/plants")
            .body()
            .valueStream()
            .filter(each -> each.path("id").asLong() == id)
            .findFirst()
            .orElseThrow();
    assertThat(line.path("verdict")).isEqualTo(plant.path("slip").path("verdict"));
    assertThat(line.path("nextCheck")).isEqualTo(plant.path("checks").path(0));
    return written.body();
  }

  @Test
  void alongAPlantsWholeLife() throws Exception {
    var added =
        answersWhatIsRead(
            "/api/plants",
            """
            {"label":"Oncidium Stop Plank","kind":"oncidium","placeId":2,"pottedOn":"2025-03",
             "mix":[{"component":"BARK_FINE","parts":3},{"component":"PERLITE","parts":1}],
             "pot":{"type":"CLEAR","diameterMm":110,"topLayer":"moss"},
             "arrivedOn":"2027-05-01","apart":true,"held":true}""");
    var path = "/api/plants/%d".formatted(added.path("plant").path("id").asLong());
    var looks = path + "/inspections";
    answersWhatIsRead(
        looks,
        "{\"on\":\"2027-05-03\",\"looks\":{\"pests\":{\"answers\":[\"NONE\"]},\"soakPh\":{\"answers\":[],\"measured\":6.1}},\"note\":\"clean\"}");
    var wrong =
        answersWhatIsRead(
            looks,
            "{\"on\":\"2027-05-10\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":4}}}");
    answersWhatIsRead(
        looks,
        "{\"on\":\"2027-05-10\",\"looks\":{\"newRoots\":{\"answers\":[\"NUB\"],\"measured\":7}},\"corrects\":\"%s\"}"
            .formatted(wrong.path("act").asString()));
    assertThat(page(added.path("plant").path("id").asLong()).path("holding").isNull())
        .as("nubs end the holding")
        .isTrue();
    var moved =
        answersWhatIsRead(
            path + "/repots",
            "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}");
    answersWhatIsRead("/api/acts/%s/withdrawal".formatted(moved.path("act").asString()), "");
  }

  @Test
  void anAnsweredCheckBooksTheNext() throws Exception {
    var moved =
        answersWhatIsRead(
            "/api/plants/6/repots",
            "{\"on\":\"2027-05-06\",\"mix\":[{\"component\":\"BARK_MEDIUM\",\"parts\":1}]}");
    var check = moved.path("plant").path("checks").path(0).path("id").asString();
    var answered =
        answersWhatIsRead(
            "/api/plants/6/checks/%s/answer".formatted(check),
            "{\"answer\":\"CANNOT_TELL\",\"note\":\"too dark\"}");
    assertThat(answered.path("plant").path("journal").path(0).path("note").asString())
        .isEqualTo("too dark");
    assertThat(
            answered
                .path("plant")
                .path("checks")
                .valueStream()
                .filter(each -> each.path("purpose").asString().equals("STANDS"))
                .map(each -> each.path("best").asString()))
        .as("in a fortnight it will show")
        .containsExactly("2027-05-29");
  }

  @Test
  void whatIsRefusedLeavesNothingBehind() throws Exception {
    var before = page(8);
    var all = APP.get("/api/plants").body();
    for (var refused :
        new String[][] {
          {
            "/api/plants/8/repots",
            "{\"on\":\"2030-01-01\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":1}]}"
          },
          {"/api/plants/8/repots", "{\"on\":\"2027-05-15\",\"mix\":[]}"},
          {
            "/api/plants/8/repots",
            "{\"on\":\"2027-05-15\",\"mix\":[{\"component\":\"PUMICE\",\"parts\":-1}]}"
          },
          {"/api/plants/8/inspections", "{\"on\":\"2027-05-15\",\"looks\":{}}"},
          {
            "/api/plants/8/inspections",
            "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}},\"corrects\":\"00000000-0000-0000-0000-000000000001\"}"
          },
        }) {
      assertThat(APP.post(refused[0], refused[1]).status()).as(refused[1]).isIn(400, 409);
    }
    assertThat(page(8)).isEqualTo(before);
    assertThat(APP.get("/api/plants").body()).isEqualTo(all);
  }
}
