package almanac.app;

import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application; it is started by {@link almanac.app.start.Main}. */
@SpringBootApplication
public class MellowAlmanac {}
