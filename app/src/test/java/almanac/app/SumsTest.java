package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Sums over HTTP: the examples of the description, and what is refused. */
class SumsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.empty();

  private static String example(String schema) throws Exception {
    JsonNode example =
        APP.get("/api/openapi")
            .body()
            .path("components")
            .path("schemas")
            .path(schema)
            .path("example");
    return example.isString() ? example.asString() : example.toString();
  }

  @Test
  void theExamplesAreReckoned() throws Exception {
    var mixed = APP.post("/api/sums/dilution", example("DilutionAsked")).body();
    assertThat(mixed.path("stockMl").asDouble()).isEqualTo(250);
    assertThat(mixed.path("waterMl").asDouble()).isEqualTo(250);
    var feed = APP.post("/api/sums/feed", example("FeedAsked")).body();
    assertThat(feed.path("dose").asDouble()).isEqualTo(2.5);
    assertThat(feed.path("ppm").asDouble()).isEqualTo(100);
  }

  @Test
  void whatIsUnsafeIsRefusedWithTheReasonAtItsField() throws Exception {
    var strong = example("DilutionAsked").replace("\"wantedPercent\":3", "\"wantedPercent\":6");
    assertThat(APP.post("/api/sums/dilution", strong).fault("wantedPercent").orElseThrow())
        .isEqualTo("Peroxide on a plant: at most 3 %, none stronger.");
    var alcohol = example("DilutionAsked").replace("PEROXIDE", "ALCOHOL");
    assertThat(APP.post("/api/sums/dilution", alcohol).fault("use").orElseThrow())
        .contains("never for roots");
  }
}
