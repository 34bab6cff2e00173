package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.net.http.HttpRequest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every mistake is answered with problem details that name the field, and nothing is kept of it.
 */
class BadInputTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final String PLANT =
      """
      {"label":"Vanda Quay","kind":"vanda","placeId":1,"pottedOn":"2026",
       "mix":[{"component":"PUMICE","parts":1}]}""";

  private static void refuses(RunningApplication.Answer answer, int status, String field) {
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(status);
    assertThat(answer.type()).startsWith("application/problem+json");
    assertThat(answer.body().path("type").asString()).startsWith("/problems/");
    assertThat(answer.body().path("detail").asString()).isNotBlank();
    if (field != null) {
      assertThat(answer.fault(field)).as("%s", answer.body()).isPresent();
    }
  }

  private static String long10000() {
    return "\"" + "x".repeat(10_000) + "\"";
  }

  @ParameterizedTest(name = "{0} instead of {1}: {2}")
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '\'',
      value = {
        "\"Vanda Quay\"; \"\"; label",
        "\"Vanda Quay\"; \"   \"; label",
        "\"Vanda Quay\"; null; label",
        "\"Vanda Quay\"; LONG; label",
        "\"vanda\"; \"cactus\"; kind",
        "\"vanda\"; null; kind",
        "\"placeId\":1; \"placeId\":999; placeId",
        "\"placeId\":1; \"placeId\":\"x\"; placeId",
        "\"2026\"; \"2029\"; pottedOn",
        "\"2026\"; \"2027-05-16\"; pottedOn",
        "\"2026\"; \"last week\"; pottedOn",
        "\"2026\"; null; pottedOn",
        "\"2026\"; LONG; pottedOn",
        "[{\"component\":\"PUMICE\",\"parts\":1}]; []; mix",
        "[{\"component\":\"PUMICE\",\"parts\":1}]; null; mix",
        "\"parts\":1; \"parts\":0; mix",
        "\"parts\":1; \"parts\":-2; mix",
        "\"parts\":1; \"parts\":1e9; mix",
        "\"parts\":1; \"parts\":null; mix[0].parts",
        "\"PUMICE\"; \"MUD\"; mix[0].component",
        "\"label\"; \"colour\"; colour"
      })
  void aPlantThatCannotBeIsNotAdded(String right, String wrong, String field) throws Exception {
    var before = APP.get("/api/plants").body().size();
    var body = PLANT.replace(right, wrong.equals("LONG") ? long10000() : wrong);
    assertThat(body).isNotEqualTo(PLANT);
    refuses(APP.post("/api/plants", body), 400, field);
    assertThat(APP.get("/api/plants").body().size()).isEqualTo(before);
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '\'',
      value = {
        "{\"on\":\"2027-05-16\",\"looks\":{\"bloom\":{\"answers\":[\"OPEN\"]}}}; on",
        "{\"on\":\"1850-01-01\",\"looks\":{\"bloom\":{\"answers\":[\"OPEN\"]}}}; on",
        "{\"on\":\"soon\",\"looks\":{\"bloom\":{\"answers\":[\"OPEN\"]}}}; on",
        "{\"looks\":{\"bloom\":{\"answers\":[\"OPEN\"]}}}; on",
        "{\"on\":\"2027-05-15\"}; looks",
        "{\"on\":\"2027-05-15\",\"looks\":{}}; looks",
        "{\"on\":\"2027-05-15\",\"looks\":{\"bloom\":null}}; looks",
        "{\"on\":\"2027-05-15\",\"looks\":{\"bloom\":{\"answers\":[\"HUGE\"]}}}; looks.bloom",
        "{\"on\":\"2027-05-15\",\"looks\":{\"smell\":{\"answers\":[\"SOUR\"],\"measured\":3}}}; looks.smell.measured",
        "{\"on\":\"2027-05-15\",\"looks\":{\"colour\":{\"answers\":[\"RED\"]}}}; looks.colour",
        "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":-4}}}; looks.newRoots.measured",
        "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":30000}}}; looks.newRoots.measured",
        "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":\"NaN\"}}}; looks.newRoots.measured",
        "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":\"six\"}}}; looks.newRoots.measured",
        "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[\"NONE\"],\"measured\":40}}}; looks.newRoots.measured",
        "{\"on\":\"2027-05-15\",\"looks\":{\"bloom\":{\"answers\":[\"OPEN\",\"BUDS\"]}}}; looks.bloom",
        "{\"on\":\"2027-05-15\",\"looks\":{\"pests\":{\"answers\":[\"NONE\",\"MITES\"]}}}; looks.pests",
        "{\"on\":\"2027-05-15\",\"looks\":{\"soakPh\":{\"answers\":[],\"measured\":15}}}; looks.soakPh.measured",
        "{\"on\":\"2027-05-15\",\"looks\":{\"rim\":{\"answers\":[\"OVER\"],\"measured\":8}}}; looks.rim.measured"
      })
  void anInspectionThatCannotBeIsNotKept(String body, String field) throws Exception {
    var before = APP.get("/api/plants/3").body();
    refuses(APP.post("/api/plants/3/inspections", body), 400, field);
    assertThat(APP.get("/api/plants/3").body()).isEqualTo(before);
  }

  @Test
  void whatIsNotReadableIsSaidToBe() throws Exception {
    refuses(APP.post("/api/plants", "{\"label\":"), 400, null);
    refuses(APP.post("/api/plants", ""), 400, null);
    refuses(APP.post("/api/plants", "[]"), 400, null);
    refuses(APP.put("/api/site", "{\"latitude\":123}"), 400, "latitude");
    refuses(APP.post("/api/places", "{\"name\":\"\"}"), 400, "name");
    refuses(APP.post("/api/places", "{\"name\":\"East sill\"}"), 400, "name");
    refuses(APP.put("/api/places/1", "{\"name\":\"East sill\"}"), 400, "name");
    refuses(APP.put("/api/places/4711", "{\"name\":\"Nowhere\"}"), 404, null);
    refuses(APP.post("/api/places", "{\"name\":\"Attic\",\"lampHours\":25}"), 400, "lampHours");
    refuses(APP.post("/api/places", "{\"name\":\"Attic\",\"means\":[20]}"), 400, "means");
    var hot = "{\"name\":\"Attic\",\"means\":[%s90]}".formatted("20,".repeat(11));
    refuses(APP.post("/api/places", hot), 400, "means");
  }

  @Test
  void whatIsNotThereIsSaidToBeMissing() throws Exception {
    refuses(APP.get("/api/plants/4711"), 404, null);
    refuses(APP.post("/api/plants/1/checks/4711/answer", "{\"answer\":\"AS_HOPED\"}"), 404, null);
    refuses(APP.post("/api/acts/00000000-0000-0000-0000-000000000001/withdrawal", ""), 404, null);
    refuses(APP.get("/api/nothing"), 404, null);
    refuses(APP.get("/api/plants/first"), 400, "id");
  }

  @Test
  void anotherSitesPageCannotWriteHere() throws Exception {
    var request =
        APP.request("/api/plants")
            .header("Content-Type", "application/json")
            .header("Origin", "http://elsewhere.example")
            .POST(HttpRequest.BodyPublishers.ofString(PLANT))
            .build();
    refuses(APP.send(request), 403, null);
    var own =
        APP.request("/api/plants")
            .header("Content-Type", "application/json")
            .header("Origin", APP.address())
            .POST(HttpRequest.BodyPublishers.ofString(PLANT))
            .build();
    assertThat(APP.send(own).status()).isEqualTo(201);
  }

  @Test
  void aMountainOfTextIsRefused() throws Exception {
    var body = PLANT.replace("Vanda Quay", "x".repeat(2_000_000));
    refuses(APP.post("/api/plants", body), 413, null);
  }
}
