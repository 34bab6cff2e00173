package almanac.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A plant's journal as it is written in a test, act by act. */
public final class Chronicle {
  private final List<Line> lines = new ArrayList<>();

  /** An act of its own with one happening. */
  public Act on(LocalDate day, Happening happening) {
    return on(day, null, happening);
  }

  /** An act in place of another, if one is given. */
  public Act on(LocalDate day, @Nullable Act supersedes, Happening happening) {
    long id = lines.size() + 1;
    var act =
        new Act(id, new UUID(0, id), day, day, supersedes == null ? null : supersedes.id(), "");
    lines.add(new Line(id, act, happening));
    return act;
  }

  /** One more happening of an act. */
  public void with(Act act, Happening happening) {
    lines.add(new Line(lines.size() + 1, act, happening));
  }

  public Journal journal() {
    return Journal.of(lines);
  }

  public Plant plant() {
    return Plant.of(1, new UUID(1, 1), journal());
  }
}
