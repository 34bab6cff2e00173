package almanac.app.ground.web;

import almanac.app.ground.refusals.Conflict;
import jakarta.servlet.http.HttpServletRequest;

/** Whether a request comes from the machine that the program runs on. */
public final class AtTheMachine {
  private AtTheMachine() {}

  /** Only the way in over the network is encrypted. */
  public static boolean is(HttpServletRequest request) {
    return !request.isSecure();
  }

  /**
   * @throws Conflict if it comes from another device
   */
  public static void refuseOthers(HttpServletRequest request) {
    if (!is(request)) {
      throw new Conflict(
          "This is done on the machine itself, where Mellow Almanac runs; nothing was changed.");
    }
  }
}
