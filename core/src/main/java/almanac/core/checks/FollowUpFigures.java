package almanac.core.checks;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;

/** When to look after a move, in days. */
public final class FollowUpFigures {
  public static final FigureGroup GROUP = new FigureGroup("check", "Follow-up checks");

  public static final Figure WATER_EARLY =
      GROUP.days("water-early", 2, "Wounds of a division are dry after two days at the soonest");
  public static final Figure WATER_LATE =
      GROUP.days("water-late", 5, "Longer than five days its roots suffer");
  public static final Figure STANDS_EARLY =
      GROUP.days("stands-early", 7, "After a week a loose plant shows itself");
  public static final Figure STANDS_LATE =
      GROUP.days("stands-late", 10, "Later its first tips may already be rubbed off");
  public static final Figure ROOT_TIPS_EARLY =
      GROUP.days("root-tips-early", 25, "New tips need about a month");
  public static final Figure ROOT_TIPS_LATE =
      GROUP.days("root-tips-late", 35, "If none show by now something may be wrong");
  public static final Figure ROOT_TIPS_IN_FLOWER_EARLY =
      GROUP.days("root-tips-in-flower-early", 50, "A plant in flower roots a month later");
  public static final Figure ROOT_TIPS_IN_FLOWER_LATE =
      GROUP.days("root-tips-in-flower-late", 60, "Seeing none in the first month is normal");
  public static final Figure ANCHORED_EARLY =
      GROUP.days("anchored-early", 80, "Roots of the first flush have reached the wall");
  public static final Figure ANCHORED_LATE =
      GROUP.days("anchored-late", 100, "Whether the move was a success is plain by now");
  public static final Figure MEDIUM_EARLY =
      GROUP.days("medium-early", 170, "A medium is not judged before half a year");
  public static final Figure MEDIUM_LATE =
      GROUP.days("medium-late", 200, "Early enough to change how it is watered");
  public static final Figure YEAR_EARLY =
      GROUP.days("year-early", 350, "A year shows growth against growth");
  public static final Figure YEAR_LATE =
      GROUP.days("year-late", 380, "Later the next window may be missed");
  public static final Figure AGAIN_TROUBLE =
      GROUP.days("again-not-as-hoped", 7, "What goes wrong is looked at weekly");
  public static final Figure AGAIN_UNSURE =
      GROUP.days("again-cannot-tell", 14, "In a fortnight it will show");

  public static final Figure WOUND_FIRST =
      GROUP.days("wound-first", 3, "Rot that was left goes on within three days");
  public static final Figure WOUND_SECOND =
      GROUP.days("wound-second", 7, "After a week a clean wound is dry");
  public static final Figure WOUND_LAST =
      GROUP.days("wound-last", 14, "What is clean after a fortnight stays clean");
  public static final Figure WOUND_SLACK =
      GROUP.days("wound-slack", 1, "Rot does not wait longer than a day");
  public static final Figure EYE_SLACK =
      GROUP.days("eye-slack", 7, "A week early or late it has swollen as far");
  public static final Figure OWN_SLACK =
      GROUP.days("own-slack", 5, "A question of one's own may wait for the days of the next walk");
  public static final Figure PUT_OFF_MOST =
      GROUP.days("put-off-most", 180, "What is put off for longer is not looked at");
  public static final Figure SOON =
      GROUP.days("soon", 42, "Six weeks ahead can be planned for; what lies further off waits");
  public static final Figure NEWS =
      GROUP.days("news", 60, "What went well two months ago is no news any more");

  static {
    GROUP.inOrder(WATER_EARLY, WATER_LATE);
    GROUP.inOrder(WOUND_SLACK, WOUND_FIRST, WOUND_SECOND, WOUND_LAST);
    GROUP.inOrder(STANDS_EARLY, STANDS_LATE);
    GROUP.inOrder(ROOT_TIPS_EARLY, ROOT_TIPS_LATE);
    GROUP.inOrder(ROOT_TIPS_IN_FLOWER_EARLY, ROOT_TIPS_IN_FLOWER_LATE);
    GROUP.inOrder(ANCHORED_EARLY, ANCHORED_LATE);
    GROUP.inOrder(MEDIUM_EARLY, MEDIUM_LATE);
    GROUP.inOrder(YEAR_EARLY, YEAR_LATE);
  }

  private FollowUpFigures() {}
}
