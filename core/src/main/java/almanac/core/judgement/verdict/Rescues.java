package almanac.core.judgement.verdict;

import static almanac.core.words.Sentence.say;

import almanac.core.judgement.reason.Hazard;
import almanac.core.judgement.reason.Reason;
import almanac.core.words.Sentence;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Each hazard has a rescue of its own. Rules: From need to verdict, method. */
final class Rescues {
  private static final Set<Hazard> SMOTHERED =
      EnumSet.of(Hazard.ROOTS_SOFT, Hazard.SUFFOCATING, Hazard.ROTTEN);

  private Rescues() {}

  /**
   * What removes every hazard that was found.
   *
   * @param reasons at least one hazard among them
   */
  static Method of(List<Reason> reasons) {
    var hazards = EnumSet.noneOf(Hazard.class);
    for (var reason : reasons) {
      if (reason.basis() instanceof Hazard hazard) {
        hazards.add(hazard);
      }
    }
    var steps = EnumSet.noneOf(Step.class);
    hazards.forEach(hazard -> steps.addAll(steps(hazard)));
    if (steps.contains(Step.MEDIUM_OFF)) {
      steps.add(Step.FRESH_MEDIUM);
    }
    if (steps.contains(Step.SMALLEST_POT)) {
      steps.remove(Step.SCRUBBED_POT);
    }
    var words =
        hazards.stream()
            .map(hazard -> words(hazard, hazards))
            .distinct()
            .map(Sentence::say)
            .reduce((before, next) -> before.and(say(" ")).and(next))
            .orElseThrow();
    var because = String.join(" and ", hazards.stream().map(Rescues::because).distinct().toList());
    return new Method(Verdict.RESCUE, steps, words, because);
  }

  private static Set<Step> steps(Hazard hazard) {
    return switch (hazard) {
      case ROOTS_SOFT, SUFFOCATING, ROTTEN ->
          EnumSet.of(Step.MEDIUM_OFF, Step.SOFT_ROOTS_OFF, Step.SMALLEST_POT);
      case NO_ROOTS -> EnumSet.of(Step.MEDIUM_OFF, Step.SMALLEST_POT, Step.NURSE);
      case PLUG -> EnumSet.of(Step.PLUG_OUT, Step.SOFT_ROOTS_OFF);
      case PESTS_IN_MEDIUM ->
          EnumSet.of(Step.MEDIUM_OFF, Step.RINSE, Step.SCRUBBED_POT, Step.TREAT, Step.KEEP_APART);
      case ROT -> EnumSet.of(Step.CUT_TO_CLEAN, Step.DRESS_WOUNDS);
      case CROWN -> EnumSet.of(Step.DRY_CROWN, Step.KEEP_APART);
      case WILT ->
          EnumSet.of(Step.CUT_TO_CLEAN, Step.OWN_BLADE, Step.DRESS_WOUNDS, Step.KEEP_APART);
    };
  }

  private static String words(Hazard hazard, Set<Hazard> all) {
    return switch (hazard) {
      case ROOTS_SOFT, SUFFOCATING, ROTTEN ->
          "All medium off, soft roots off, fresh medium in the smallest pot that holds the rest.";
      case NO_ROOTS ->
          "The old medium off; into the smallest pot in fresh moss, warm, shaded and humid until"
              + " roots come.";
      case PLUG -> "The old plug out, soft roots with it; the rest stays as sound as it is.";
      case PESTS_IN_MEDIUM ->
          all.stream().anyMatch(SMOTHERED::contains)
              ? "Rinse every root, treat it as the label says, and keep it apart."
              : "All medium off and every root rinsed; fresh medium in a pot of the same size,"
                  + " scrubbed. Treat it as the label says, and keep it apart.";
      case CROWN ->
          "Do not cut: turn it over until its crown is dry, dust or dress it, and keep it apart.";
      case ROT -> "Cut back to clean tissue, dress the wounds, keep every sound root.";
      case WILT ->
          "Cut on until the cut is clean, with one sterile blade for this plant alone; keep it"
              + " apart.";
    };
  }

  private static String because(Hazard hazard) {
    return switch (hazard) {
      case ROOTS_SOFT, SUFFOCATING, ROTTEN -> "the medium smothers or rots its roots";
      case NO_ROOTS -> "no live root is left";
      case PLUG -> "the old plug rots";
      case PESTS_IN_MEDIUM -> "pests live in the medium";
      case ROT -> "rot goes forward";
      case CROWN -> "its only stem is soft at the crown";
      case WILT -> "wilt is in the rhizome";
    };
  }
}
