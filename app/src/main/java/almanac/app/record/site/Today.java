package almanac.app.record.site;

import java.time.Clock;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The day it is; a fixed one if the program was started so. */
@Component
public class Today {
  private final @Nullable LocalDate fixed;
  private final Clock clock;

  Today(@Value("${almanac.today:#{null}}") @Nullable String fixed, Clock clock) {
    this.fixed = fixed == null ? null : LocalDate.parse(fixed);
    this.clock = clock;
  }

  public LocalDate get() {
    return fixed == null ? LocalDate.now(clock) : fixed;
  }
}
