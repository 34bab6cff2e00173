package almanac.core.taught;

import almanac.core.history.Plant;
import almanac.core.inspection.Items;
import almanac.core.roots.RootStage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How many days a flush of roots took from its bumps to nubs: at least from the first look that saw
 * bumps to the last, at most from the look before to the look after. Rules: What it taught.
 */
public final class BumpsToNubs {
  private static final Set<RootStage> PAST_BUMPS =
      EnumSet.of(RootStage.NUB, RootStage.SHORT, RootStage.MID);

  private final List<HowLong.Between> flushes = new ArrayList<>();
  private @Nullable LocalDate before;
  private @Nullable LocalDate first;
  private @Nullable LocalDate last;

  private BumpsToNubs() {}

  /**
   * Of each flush that was seen before it, in it and after it.
   *
   * @param whole the plant with all lines of its journal
   */
  public static List<HowLong.Between> of(Plant whole) {
    var seen = new BumpsToNubs();
    for (var look : whole.history().life()) {
      look.look(Items.NEW_ROOTS).answer().ifPresent(stage -> seen.next(look.on(), stage));
    }
    return List.copyOf(seen.flushes);
  }

  private void next(LocalDate on, RootStage stage) {
    if (stage == RootStage.SWELLING) {
      first = first == null ? on : first;
      last = on;
      return;
    }
    if (before != null && first != null && last != null && PAST_BUMPS.contains(stage)) {
      flushes.add(new HowLong.Between(days(first, last), days(before, on)));
    }
    before = on;
    first = null;
    last = null;
  }

  private static int days(LocalDate from, LocalDate to) {
    return (int) ChronoUnit.DAYS.between(from, to);
  }
}
