package almanac.app.ground.web;

import almanac.app.ground.disk.DataDisk;
import org.springframework.boot.health.contributor.AbstractHealthIndicator;
import org.springframework.boot.health.contributor.Health;
import org.springframework.stereotype.Component;

/** The program is well while its disk keeps what is written. */
@Component
class DiskHealth extends AbstractHealthIndicator {
  private final DataDisk disk;

  DiskHealth(DataDisk disk) {
    this.disk = disk;
  }

  @Override
  protected void doHealthCheck(Health.Builder health) {
    var trouble = disk.trouble();
    if (trouble.isEmpty()) {
      health.up();
    } else {
      health.down().withDetail("why", trouble.get());
    }
  }
}
