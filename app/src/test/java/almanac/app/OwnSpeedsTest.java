package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The collector's other plants of a kind sharpen what is thought of one. */
class OwnSpeedsTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static long id(String name) throws Exception {
    return APP.get("/api/plants")
        .body()
        .valueStream()
        .filter(plant -> plant.path("name").asString().equals(name))
        .findFirst()
        .orElseThrow()
        .path("id")
        .asLong();
  }

  private static void measured(String name, String day, int mm) throws Exception {
    var answer =
        APP.post(
            "/api/plants/%d/inspections".formatted(id(name)),
            "{\"on\":\"%s\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":%d}}}"
                .formatted(day, mm));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
  }

  private static double speed(String name) throws Exception {
    return APP.get("/api/plants/" + id(name))
        .body()
        .path("slip")
        .path("roots")
        .path(0)
        .path("mmAWeek")
        .asDouble();
  }

  @Test
  void threeSlowPlantsMakeAFourthSlowerAndTwoDoNot() throws Exception {
    double before = speed("Oncidium Slow Barge");
    for (var name : new String[] {"Oncidium Lock Gate", "Oncidium Sluice Lamp"}) {
      measured(name, "2027-05-01", 5);
      measured(name, "2027-05-14", 12);
    }
    assertThat(speed("Oncidium Slow Barge")).as("two may both be odd").isEqualTo(before);
    measured("Oncidium Mitre Post", "2027-05-01", 5);
    measured("Oncidium Mitre Post", "2027-05-14", 12);
    assertThat(speed("Oncidium Slow Barge")).isLessThan(before - 1);
    assertThat(speed("Encyclia Cordwain")).as("of another kind").isGreaterThan(10);
  }
}
