package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.start.RunningApplication;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * Many read while several write. Nobody waits so long that the program gives up, which it would say
 * with 503, and everything that was acknowledged is there afterwards.
 */
class ManyAtOnceTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final int PLANTS = 64;

  /** Writes a look with a note of its own and says where it stands. */
  private static String look(int plant, String note) throws Exception {
    var answer =
        APP.post(
            "/api/plants/%d/inspections".formatted(plant),
            "{\"on\":\"2027-05-15\",\"looks\":{\"leaves\":{\"answers\":[\"FIRM\"]}},\"note\":\"%s\"}"
                .formatted(note));
    assertThat(answer.status()).as("%s", answer.body()).isEqualTo(201);
    return plant + " " + note;
  }

  private static int reads(AtomicBoolean done, int turn) throws Exception {
    var paths =
        List.of(
            "/api/plants", "/api/checks", "/api/round", "/api/health", "/api/plants/" + (turn + 1));
    int read = 0;
    for (int i = turn; !done.get(); i++) {
      var answer = APP.get(paths.get(i % paths.size()));
      assertThat(answer.status()).as("%s", answer.body()).isEqualTo(200);
      read++;
    }
    return read;
  }

  private static Set<String> notes() throws Exception {
    var notes = new HashSet<String>();
    for (int plant = 1; plant <= PLANTS; plant++) {
      for (var line : APP.get("/api/plants/" + plant).body().path("journal")) {
        notes.add(plant + " " + line.path("note").asString());
      }
    }
    return notes;
  }

  @Test
  void twentyReadAndFiveWrite() throws Exception {
    Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    var done = new AtomicBoolean();
    var turns = new AtomicInteger();
    try (var people = new Pool(25)) {
      var readers = people.start(20, () -> reads(done, turns.getAndIncrement()));
      List<Future<Integer>> writers = new ArrayList<>();
      for (int writer = 0; writer < 5; writer++) {
        int me = writer;
        writers.addAll(
            people.start(
                1,
                () -> {
                  for (int i = 0; i < 30; i++) {
                    acknowledged.add(look(1 + (me * 31 + i) % PLANTS, "w%d-%d".formatted(me, i)));
                  }
                  return me;
                }));
      }
      for (var each : writers) {
        each.get();
      }
      done.set(true);
      for (var each : readers) {
        assertThat(each.get()).as("everybody is served meanwhile").isPositive();
      }
    }
    assertThat(acknowledged).hasSize(150);
    assertThat(notes()).containsAll(acknowledged);
  }

  @Test
  void fourSaveAtOnceAndTwoReadTwoHundredTimes() throws Exception {
    Set<String> acknowledged = ConcurrentHashMap.newKeySet();
    var turns = new AtomicInteger();
    try (var people = new Pool(6)) {
      for (int burst = 0; burst < 200; burst++) {
        List<Future<?>> all = new ArrayList<>();
        all.addAll(
            people.start(
                4,
                () -> {
                  int turn = turns.getAndIncrement();
                  return acknowledged.add(look(1 + turn % 8, "burst-" + turn));
                }));
        all.addAll(people.start(1, () -> APP.get("/api/plants").status()));
        all.addAll(people.start(1, () -> APP.get("/api/health").status()));
        for (var each : all) {
          assertThat(each.get()).isIn(true, 200);
        }
      }
    }
    assertThat(acknowledged).hasSize(800);
    assertThat(notes()).containsAll(acknowledged);
  }
}
