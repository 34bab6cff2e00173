package almanac.core.checks;

import java.util.List;

/** Why a check is made, and what to look for. */
public enum Purpose {
  FIRST_LOOK(Series.AS_JUDGED, "First look", "Everything that can be seen without unpotting"),
  AS_JUDGED(
      Series.AS_JUDGED,
      "Look again",
      "Newest roots, bloom, and what the slip lists as not looked at"),
  WATER(
      Series.AFTERCARE,
      "First watering",
      "Wounds dry and closed? Then water as the mix wants; else let them dry on"),
  STANDS(
      Series.AFTERCARE,
      "Does it stand?",
      "Rock it gently at the base; are the leaves as firm as before?"),
  ROOT_TIPS(Series.AFTERCARE, "New root tips?", "Live tips at the base or at the wall of the pot"),
  ANCHORED(
      Series.AFTERCARE,
      "Has it taken hold?",
      "It cannot be lifted out of the medium; growth goes on"),
  MEDIUM(Series.AFTERCARE, "How does the medium do?", "Press one piece; days from watering to dry"),
  YEAR(
      Series.AFTERCARE,
      "The year's judgement",
      "New growth against the last; medium; room to the rim"),
  APART(
      Series.KEPT_APART,
      "Kept apart: look it over",
      "Undersides of leaves, sheaths, new growth: pests, rot, anything that spreads"),
  SOAK(
      Series.HELD,
      "Soak and read",
      "An hour in plain water; the lowest settled pH; eyes and nubs at the base"),
  TREAT(
      Series.TREATMENT,
      "Treat it",
      "What its course names, as the label says and never more; local rules and licensed advisers"
          + " come first"),
  TREATED(
      Series.UNDER_TREATMENT,
      "Under treatment: look it over",
      "Undersides of leaves, sheaths, the base, the rim of the pot: is anything left of it?"),
  BESIDE(
      Series.NEIGHBOUR,
      "Beside one under treatment: look it over",
      "Undersides of leaves, sheaths, where leaves touch: has it come over?"),
  WOUND(
      Series.WOUND,
      "Is the cut clean?",
      "Dry and hard where it was cut; nothing soft, dark or smelling beside it"),
  EYE(
      Series.EYE,
      "Does an eye shoot?",
      "Green and swelling at the base of the growth behind the broken one"),
  TRIAL(Series.TRIAL, "On trial: look and measure", "What its trial asks"),
  OWN(Series.OWN, "A look of your own", "What you wanted to know of it");

  private final Series series;
  private final String title;
  private final String lookFor;

  Purpose(Series series, String title, String lookFor) {
    this.series = series;
    this.title = title;
    this.lookFor = lookFor;
  }

  /** To which series of checks it belongs. */
  public Series series() {
    return series;
  }

  /** How it can be answered with a tap; a reading cannot. */
  public List<Tick> ticks() {
    return switch (series) {
      case AFTERCARE, WOUND, EYE ->
          List.of(
              new Tick(CheckAnswer.AS_HOPED, "As hoped"),
              new Tick(CheckAnswer.NOT_AS_HOPED, "Not as hoped"),
              new Tick(CheckAnswer.CANNOT_TELL, "Cannot tell"));
      case OWN ->
          List.of(
              new Tick(CheckAnswer.AS_HOPED, "Yes"),
              new Tick(CheckAnswer.NOT_AS_HOPED, "Not yet"),
              new Tick(CheckAnswer.CANNOT_TELL, "Cannot tell"));
      case AS_JUDGED -> List.of(new Tick(CheckAnswer.AS_HOPED, "Nothing new"));
      case KEPT_APART -> List.of(new Tick(CheckAnswer.AS_HOPED, "Nothing found"));
      case HELD, TRIAL -> List.of();
      case TREATMENT -> List.of(new Tick(CheckAnswer.AS_HOPED, "Treated"));
      case UNDER_TREATMENT, NEIGHBOUR ->
          List.of(
              new Tick(CheckAnswer.AS_HOPED, "Nothing found"),
              new Tick(CheckAnswer.NOT_AS_HOPED, "Found it"));
    };
  }

  /** Whether a look at the plant, written down, answers it. */
  public boolean answeredByLooking() {
    return switch (series) {
      case AS_JUDGED, KEPT_APART, UNDER_TREATMENT, NEIGHBOUR, TRIAL -> true;
      case AFTERCARE, HELD, TREATMENT, WOUND, EYE, OWN -> false;
    };
  }

  public String title() {
    return title;
  }

  /** What to look for, so that the check is answered in seconds. */
  public String lookFor() {
    return lookFor;
  }
}
