package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Sums over HTTP: the examples of the description, and what is refused. */
class SumsAskedTest {
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
  void theOtherExamplesAreReckonedToo() throws Exception {
    assertThat(APP.post("/api/sums/roots", example("ReachAsked")).body().path("days").asDouble())
        .isEqualTo(21);
    assertThat(
            APP.post("/api/sums/day-length", example("DayAsked")).body().path("hours").asDouble())
        .isBetween(17.0, 18.0);
    assertThat(
            APP.post("/api/sums/used-life", example("UsedAsked")).body().path("percent").asDouble())
        .isBetween(49.0, 51.0);
    var ph = APP.post("/api/sums/ph", example("PhAsked")).body();
    assertThat(ph.path("feedTo").asDouble()).isEqualTo(7.0);
    assertThat(RunningApplication.plain(ph.path("advice"))).contains("make every feed");
    var inches = APP.post("/api/sums/conversions", example("ConversionAsked")).body();
    assertThat(inches.path("forth").asDouble()).isEqualTo(5);
    assertThat(inches.path("forthUnit").asString()).isEqualTo("inches");
  }

  @Test
  void whatCannotBeReckonedIsRefusedAtItsField() throws Exception {
    var tooShort = example("ReachAsked").replace("\"wantedMm\":25", "\"wantedMm\":2");
    assertThat(APP.post("/api/sums/roots", tooShort).fault("wantedMm")).isPresent();
    var tooFew = example("UsedAsked").replace("\"months\":12", "\"months\":-1");
    assertThat(APP.post("/api/sums/used-life", tooFew).fault("months")).isPresent();
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
