package almanac.app.ground.network;

import almanac.app.ground.disk.DataDisk;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What the room needs of others. */
@Configuration
class Network {
  @Bean
  AccessFile accessFile(DataDisk disk) throws IOException {
    return AccessFile.of(disk.folder());
  }
}
