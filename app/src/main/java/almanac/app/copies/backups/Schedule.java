package almanac.app.copies.backups;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** What the program does by itself from time to time. */
@Configuration
@EnableScheduling
class Schedule {}
