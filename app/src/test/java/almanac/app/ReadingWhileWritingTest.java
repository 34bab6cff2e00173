package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.ArrayList;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/** Whoever reads while others write sees each plant whole, and the last writing in the end. */
class ReadingWhileWritingTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final int PLANT = 20;
  private static final int LOOKS = 25;

  private static int looksIn(JsonNode page) {
    return (int)
        page.path("journal")
            .valueStream()
            .filter(line -> line.path("kind").asString().equals("INSPECTION"))
            .count();
  }

  private static int rootsOnTheSlip(JsonNode page) {
    return page.path("slip").path("roots").path(0).path("seen").size();
  }

  private static JsonNode look(int plant, int mm) throws Exception {
    var answer =
        APP.post(
            "/api/plants/%d/inspections".formatted(plant),
            "{\"on\":\"2027-05-15\",\"looks\":{\"newRoots\":{\"answers\":[],\"measured\":%d}}}"
                .formatted(mm));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
    return answer.body().path("plant");
  }

  /**
   * Reads a page and the list until the writing is done; each page has at least the looks before.
   */
  private static Integer reads(AtomicBoolean done, int apart) throws Exception {
    int seen = 0;
    while (!done.get()) {
      var page = APP.get("/api/plants/" + PLANT).body();
      int now = looksIn(page);
      assertThat(now - rootsOnTheSlip(page))
          .as("slip and journal are of one moment")
          .isEqualTo(apart);
      assertThat(now).as("nothing is forgotten meanwhile").isGreaterThanOrEqualTo(seen);
      seen = now;
      assertThat(APP.get("/api/plants").body()).hasSize(64);
    }
    return seen;
  }

  @Test
  void readersNeverGoBackAndSeeTheLastLook() throws Exception {
    look(PLANT, 1);
    var first = APP.get("/api/plants/" + PLANT).body();
    int before = looksIn(first);
    int apart = before - rootsOnTheSlip(first);
    var done = new AtomicBoolean();
    try (var readers = new Pool(3)) {
      var reading = readers.start(3, () -> reads(done, apart));
      for (int i = 1; i <= LOOKS; i++) {
        assertThat(looksIn(look(PLANT, i))).isEqualTo(before + i);
      }
      done.set(true);
      for (var each : reading) {
        each.get();
      }
    }
    assertThat(looksIn(APP.get("/api/plants/" + PLANT).body())).isEqualTo(before + LOOKS);
    var line =
        APP.get("/api/plants")
            .body()
            .valueStream()
            .filter(each -> each.path("id").asLong() == PLANT)
            .findFirst()
            .orElseThrow();
    assertThat(line.path("lastSeen").asString()).isEqualTo("2027-05-15");
  }

  @Test
  void manyWindowsWriteOneAfterTheOther() throws Exception {
    int plant = 21;
    int before = looksIn(APP.get("/api/plants/" + plant).body());
    try (var writers = new Pool(4)) {
      for (var each : writers.start(12, () -> looksIn(look(plant, 7)))) {
        assertThat(each.get()).isGreaterThan(before);
      }
    }
    var after = APP.get("/api/plants/" + plant).body();
    assertThat(looksIn(after)).isEqualTo(before + 12);
    assertThat(after.path("checks").valueStream().map(check -> check.path("purpose").asString()))
        .as("one check of each series")
        .doesNotHaveDuplicates();
  }

  @Test
  void theSameLetterSentByManyAtOnceIsWrittenOnce() throws Exception {
    int plant = 22;
    int before = looksIn(APP.get("/api/plants/" + plant).body());
    var letter = "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}}}";
    try (var senders = new Pool(4)) {
      var ids = new ArrayList<String>();
      for (var each :
          senders.start(
              8,
              () ->
                  APP.once(
                          "letter-from-two-tabs",
                          "POST",
                          "/api/plants/%d/inspections".formatted(plant),
                          letter)
                      .body()
                      .path("act")
                      .asString())) {
        ids.add(each.get());
      }
      assertThat(ids.stream().distinct()).hasSize(1);
    }
    assertThat(looksIn(APP.get("/api/plants/" + plant).body())).isEqualTo(before + 1);
  }
}
