package almanac.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application; it is started by {@link almanac.app.start.Main}. */
@SpringBootApplication
public class MellowAlmanac {

  /** For the build, which works out what is wired to what; nobody else starts it like this. */
  public static void main(String[] args) {
    SpringApplication.run(MellowAlmanac.class, args);
  }
}
