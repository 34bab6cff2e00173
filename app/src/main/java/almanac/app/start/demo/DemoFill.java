package almanac.app.start.demo;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Fills the demo before anybody can look at it. */
@Component
class DemoFill implements SmartLifecycle {
  private final Demo demo;
  private final boolean wanted;
  private boolean running;

  DemoFill(Demo demo, @Value("${almanac.demo:false}") boolean wanted) {
    this.demo = demo;
    this.wanted = wanted;
  }

  @Override
  public void start() {
    if (wanted) {
      demo.fillIfEmpty();
    }
    running = true;
  }

  @Override
  public void stop() {
    running = false;
  }

  @Override
  public boolean isRunning() {
    return running;
  }

  /** Before the server, which comes last. */
  @Override
  public int getPhase() {
    return 0;
  }
}
