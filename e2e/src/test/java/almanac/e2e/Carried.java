package almanac.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.Arrays;

/** Things that are carried over the page to where something else lies. */
final class Carried {
  private static final int STEPS = 8;

  private Carried() {}

  /**
   * As a hand does it: it is picked up before it is carried on, and let go where it has arrived.
   */
  static void byMouse(Page page, Locator from, Locator to) {
    var arrived = arrival(page, to);
    from.hover();
    page.mouse().down();
    var box = from.boundingBox();
    page.mouse().move(box.x + box.width / 2 + 8, box.y + box.height / 2 + 8);
    page.locator("#dnd-action-dragged-el").waitFor();
    var there = to.boundingBox();
    page.mouse().move(there.x + there.width / 2, there.y + there.height / 2);
    arrived.run();
    page.mouse().up();
  }

  /**
   * By touch.
   *
   * @param rests whether the finger rests on it first; one that does not scrolls the page
   */
  static void byFinger(Page page, Locator from, Locator to, boolean rests) {
    var arrived = arrival(page, to);
    var hand = page.context().newCDPSession(page);
    var start = from.boundingBox();
    var end = to.boundingBox();
    touch(hand, "touchStart", start.x + start.width / 2, start.y + start.height / 2);
    if (rests) {
      page.locator("#dnd-action-dragged-el").waitFor();
    }
    for (int i = 1; i <= STEPS; i++) {
      double share = (double) i / STEPS;
      touch(
          hand,
          "touchMove",
          start.x + start.width / 2 + share * (end.x + 10 - start.x - start.width / 2),
          start.y + start.height / 2 + share * (end.y - start.y));
    }
    if (rests) {
      arrived.run();
    }
    var up = new JsonObject();
    up.addProperty("type", "touchEnd");
    up.add("touchPoints", new JsonArray());
    hand.send("Input.dispatchTouchEvent", up);
    hand.detach();
  }

  /** Waits until room is made where something else lies now, or anywhere in a list. */
  private static Runnable arrival(Page page, Locator to) {
    var list = to.locator("xpath=ancestor-or-self::*[self::ul or self::ol][1]").elementHandle();
    var at =
        to.evaluate(
            "place => place.matches('li') ? [...place.parentElement.children].indexOf(place) : -1");
    return () ->
        page.waitForFunction(
            """
            ([list, at]) => {
              const room = list.querySelector('[data-is-dnd-shadow-item-internal]');
              return room && (at < 0 || [...list.children].indexOf(room) === at);
            }""",
            Arrays.asList(list, at));
  }

  private static void touch(CDPSession hand, String type, double x, double y) {
    var point = new JsonObject();
    point.addProperty("x", x);
    point.addProperty("y", y);
    var points = new JsonArray();
    points.add(point);
    var touch = new JsonObject();
    touch.addProperty("type", type);
    touch.add("touchPoints", points);
    hand.send("Input.dispatchTouchEvent", touch);
  }
}
