package almanac.core.taught;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.taught.HowLong.Between;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** By which day half of all had come to it, though nobody watched. */
class HowLongTest {
  private static Between seen(int after, int by) {
    return new Between(after, by);
  }

  private static Between notBy(int day) {
    return new Between(day, Between.NEVER);
  }

  @Test
  void ofDaysThatAreKnownItIsTheMiddleOne() {
    var days = IntStream.of(12, 20, 31, 44, 90).mapToObj(day -> seen(day - 1, day)).toList();
    assertThat(HowLong.of(days)).isEqualTo(new HowLong(5, OptionalInt.of(30), OptionalInt.of(31)));
  }

  @Test
  void whoHasNotComeToItYetCountsAsLater() {
    assertThat(HowLong.of(List.of(seen(9, 10), seen(19, 20), notBy(15), notBy(25))).by())
        .as("10 takes a quarter, 20 takes half of what is left of the others")
        .isEqualTo(OptionalInt.of(20));
    assertThat(HowLong.of(List.of(seen(9, 10), notBy(15), notBy(25))).by()).isEmpty();
    assertThat(HowLong.of(List.of()).by()).isEmpty();
  }

  @Test
  void whereLooksLieFarApartSoDoesTheAnswer() {
    assertThat(HowLong.of(List.of(seen(0, 40), seen(10, 60), seen(20, 90))))
        .isEqualTo(new HowLong(3, OptionalInt.of(20), OptionalInt.of(40)));
  }

  @Test
  void nobodyComesToSomethingBeforeTheLastLookAtWhichTheyHadNot() {
    assertThatThrownBy(() -> seen(10, 10)).isInstanceOf(IllegalArgumentException.class);
  }

  /** Where each day is known or cut off, the estimate of Turnbull is that of Kaplan and Meier. */
  @Test
  void isTheProductOfWhatIsLeftDayByDayWhereTheDaysAreKnown() {
    var random = new Random(5);
    int cutOff = 0;
    for (int run = 0; run < 200; run++) {
      var cases = new ArrayList<Between>();
      for (int i = 0; i < 12; i++) {
        int day = 1 + random.nextInt(60);
        boolean cut = random.nextInt(3) == 0;
        cutOff += cut ? 1 : 0;
        cases.add(cut ? notBy(day) : seen(day - 1, day));
      }
      assertThat(HowLong.of(cases).by()).as("%s", cases).isEqualTo(productLimit(cases));
    }
    assertThat(cutOff).isGreaterThan(500);
  }

  private static OptionalInt productLimit(List<Between> cases) {
    double left = 1;
    for (int day = 1; day <= 60; day++) {
      int today = day;
      long atRisk =
          cases.stream()
              .filter(
                  each -> each.by() == Between.NEVER ? each.after() >= today : each.by() >= today)
              .count();
      long came = cases.stream().filter(each -> each.by() == today).count();
      if (came > 0) {
        left *= 1 - (double) came / atRisk;
      }
      if (left <= 0.5 + 1e-6) {
        return OptionalInt.of(day);
      }
    }
    return OptionalInt.empty();
  }
}
