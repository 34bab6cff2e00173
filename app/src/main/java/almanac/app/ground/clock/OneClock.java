package almanac.app.ground.clock;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The clock of the program; nothing else asks the machine what time it is. */
@Configuration
public class OneClock {
  /** For what is done before the program is put together, and for commands. */
  public static final Clock CLOCK = Clock.systemDefaultZone();

  @Bean
  Clock clock() {
    return CLOCK;
  }
}
