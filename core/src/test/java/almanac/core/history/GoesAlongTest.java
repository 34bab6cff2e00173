package almanac.core.history;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class GoesAlongTest {
  @Test
  void ofEveryKindOfHappeningItIsSaidWhetherItGoesAlong() {
    assertThat(Stream.concat(GoesAlong.GOES.stream(), GoesAlong.STAYS.stream()).toList())
        .doesNotHaveDuplicates()
        .containsExactlyInAnyOrderElementsOf(
            Arrays.stream(Happening.class.getPermittedSubclasses())
                .<Class<? extends Happening>>map(each -> each.asSubclass(Happening.class))
                .toList());
  }
}
