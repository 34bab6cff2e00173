package almanac.app.errands.trainer;

import almanac.app.ground.refusals.BadEntry;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;

/** Looks by their names, as they are sent. */
final class LookNames {
  private LookNames() {}

  /**
   * @throws BadEntry naming the field, if there is no such look
   */
  static Item<?> item(String key, String field) {
    return Items.named(key)
        .orElseThrow(() -> new BadEntry(field, "There is no such thing to look at."));
  }
}
