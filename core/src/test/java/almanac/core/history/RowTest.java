package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class RowTest {
  private static final Map<Long, Double> ROW = Map.of(1L, 1.0, 2L, 2.0, 3L, 3.0, 4L, 4.0);

  private static List<Long> after(List<Long> wanted, Map<Long, Double> now) {
    var positions = new HashMap<>(now);
    positions.putAll(Row.positions(wanted, now));
    return wanted.stream().sorted(Comparator.comparing(positions::get)).toList();
  }

  @Test
  void whoStandsInOrderStays() {
    assertThat(Row.positions(List.of(1L, 2L, 3L, 4L), ROW)).isEmpty();
  }

  @Test
  void onlyTheOneThatWasMovedGetsAnotherPosition() {
    assertThat(Row.positions(List.of(1L, 4L, 2L, 3L), ROW)).isEqualTo(Map.of(4L, 1.5));
    assertThat(Row.positions(List.of(2L, 3L, 4L, 1L), ROW)).containsOnlyKeys(1L);
    assertThat(Row.positions(List.of(4L, 1L, 2L, 3L), ROW)).isEqualTo(Map.of(4L, 0.0));
  }

  @Test
  void whoComesFromElsewhereIsPutBetween() {
    assertThat(Row.positions(List.of(1L, 9L, 8L, 2L, 3L, 4L), ROW)).containsOnlyKeys(8L, 9L);
    assertThat(Row.positions(List.of(9L), Map.of())).containsOnlyKeys(9L);
  }

  @Test
  void anyOrderComesOutAsWanted() {
    var random = new Random(7);
    int anew = 0;
    Map<Long, Double> now = new HashMap<>();
    List<Long> wanted = new ArrayList<>(LongStream.range(0, 12).boxed().toList());
    for (int i = 0; i < 400; i++) {
      Collections.swap(wanted, random.nextInt(12), random.nextInt(12));
      assertThat(after(wanted, now)).isEqualTo(wanted);
      var moved = Row.positions(wanted, now);
      anew += moved.size() == 12 && i > 0 ? 1 : 0;
      now.putAll(moved);
    }
    for (int i = 0; i < 100; i++) {
      Collections.swap(wanted, 1, 2);
      assertThat(after(wanted, now)).isEqualTo(wanted);
      var moved = Row.positions(wanted, now);
      anew += moved.size() == 12 ? 1 : 0;
      now.putAll(moved);
    }
    assertThat(anew).as("rows that had become too close").isPositive();
  }
}
