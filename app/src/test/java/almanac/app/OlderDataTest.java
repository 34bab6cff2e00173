package almanac.app;

import static almanac.app.start.RunningApplication.words;
import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.OlderData;
import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A collection kept by the first version of the program is opened by this one, and goes on. */
class OlderDataTest {
  @RegisterExtension
  static final RunningApplication APP = RunningApplication.over(OlderData::firstVersion);

  @Test
  void plantsKeepTheirPlaceTheirPotAndTheirHistory() throws Exception {
    var plant = APP.get("/api/plants/1").body();
    assertThat(plant.path("name").asString()).isEqualTo("Oncidium Old Ledger");
    assertThat(plant.path("card").path("number").asString()).isEqualTo("24-001");
    assertThat(plant.path("card").path("status").asString()).isEqualTo("GROWING");
    assertThat(plant.path("place").path("lampHours").asDouble())
        .as("what was controlled is under lamps")
        .isEqualTo(14);
    assertThat(plant.path("potting").path("pottedOn").asString()).isEqualTo("2024-05");
    assertThat(plant.path("potting").path("mixWords").asString()).contains("perlite 1");
    assertThat(plant.path("journal").valueStream().map(line -> line.path("standing").asString()))
        .containsExactly("HOLDS", "CORRECTED", "HOLDS");
    assertThat(words(plant.path("journal").path(0)))
        .isEqualTo("Newest roots: nubs, 8 mm; Pests: mites, scale");
    assertThat(plant.path("checks").path(0).path("purpose").asString()).isEqualTo("AS_JUDGED");
    assertThat(plant.path("checks").path(0).path("urgency").asString()).isEqualTo("OVERDUE");
  }

  @Test
  void whatNobodyKnewIsStillUnknown() throws Exception {
    var plant = APP.get("/api/plants/2").body();
    assertThat(plant.path("potting").path("pottedOn").asString()).isEqualTo("unknown");
    assertThat(plant.path("potting").path("pot").asString()).isEqualTo("UNKNOWN");
    assertThat(plant.path("arrivedOn").isNull()).isTrue();
    assertThat(plant.path("place").path("lampHours").isNull()).isTrue();
    assertThat(plant.path("checks").path(0).path("urgency").asString()).isEqualTo("OVERDUE");
  }

  @Test
  void thePlacesStandInTheOrderInWhichTheyWereMade() throws Exception {
    assertThat(
            APP.get("/api/round")
                .body()
                .path("stops")
                .valueStream()
                .map(stop -> stop.path("name").asString()))
        .as("mites are seen to last")
        .containsExactly("Vanda Old Bell", "Oncidium Old Ledger");
    assertThat(APP.get("/api/places").body().valueStream().map(place -> place.path("id").asLong()))
        .containsExactly(1L, 2L);
  }

  @Test
  void itGoesOnBeingWritten() throws Exception {
    var written =
        APP.post(
            "/api/plants/2/inspections",
            "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[\"LONG\"]}}}");
    assertThat(written.status()).as("%s", written.body()).isEqualTo(201);
    assertThat(written.body().path("plant").path("journal")).hasSize(2);
  }
}
