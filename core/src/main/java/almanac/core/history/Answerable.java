package almanac.core.history;

import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.LookSpot;
import almanac.core.medium.Mix;
import almanac.core.medium.PottedOn;
import almanac.core.refusals.Refused;
import almanac.core.words.Measure;
import java.util.Optional;
import java.util.Set;

/** What a look can find, and what it cannot, by what the plant stands in. */
public final class Answerable {
  private static final Set<Item<?>> IN_A_POT =
      Set.of(Items.MEDIUM_PIECE, Items.SMELL, Items.BUBBLES, Items.SINKING);

  private Answerable() {}

  /** Why nobody can look at that in such a mix; nothing if one can. */
  public static Optional<String> refusal(Item<?> item, Mix mix) {
    if (mix.mounted() && IN_A_POT.contains(item)) {
      return Optional.of("on a mount there is no pot to look into.");
    }
    if (mix.mounted() && item == Items.DAYS_TO_DRY) {
      return Optional.of("a mount is wetted and dry within hours; it has no days to dry.");
    }
    return item == Items.MEDIUM_PIECE && mix.known() && mix.inert()
        ? Optional.of("%s does not decay; there is no piece to press.".formatted(mix.words()))
        : Optional.empty();
  }

  /**
   * Refuses what cannot be in the pot of that day; a look from before the present potting was made
   * in another, and is not doubted.
   *
   * @throws Refused naming the look
   */
  public static void check(Inspection inspection, PlantHistory history) {
    boolean before =
        history.potting().pottedOn() instanceof PottedOn.Between between
            && inspection.on().isBefore(between.latest());
    if (!before) {
      check(inspection, history.potting().mix());
    }
  }

  /**
   * Refuses what cannot be in such a mix.
   *
   * @throws Refused naming the look
   */
  public static void check(Inspection inspection, Mix mix) {
    for (var spot : inspection.findings().keySet()) {
      refusal(spot.item(), mix)
          .ifPresent(
              why -> {
                throw new Refused(spot, spot.title() + ": " + why);
              });
    }
    var broken = inspection.look(Items.TIPS_BROKEN).measured();
    var inAll = inspection.look(Items.TIPS_IN_ALL).measured();
    if (broken.isPresent() && inAll.isPresent() && broken.getAsDouble() > inAll.getAsDouble()) {
      var spot = LookSpot.of(Items.TIPS_BROKEN);
      throw new Refused(
          spot.measure(),
          "%s: more than the %s there are."
              .formatted(spot.title(), Measure.COUNT.of(inAll.getAsDouble())));
    }
  }
}
