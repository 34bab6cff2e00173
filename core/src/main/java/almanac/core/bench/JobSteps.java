package almanac.core.bench;

import almanac.core.figures.Figures;
import almanac.core.judgement.verdict.Step;
import almanac.core.judgement.verdict.Verdict;
import almanac.core.kinds.RootThickness;
import almanac.core.kinds.Trait;
import almanac.core.pot.PotType;
import almanac.core.pot.SetDepth;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * The steps of a job, in their order: they follow from the method and from what is known of roots,
 * pot and medium. Rules: At the bench.
 */
public final class JobSteps {
  private static final String DUST =
      "Wet dry bark, perlite and pumice before you pour them, and wear a mask: dust and mould spores.";
  private static final String MOSS = "Wear gloves and cover cuts: moss can carry a skin fungus.";
  private static final String BLADE =
      "A sharp, clean blade for this plant alone, cut away from yourself. Never alcohol and flame"
          + " together; air the room. Sap irritates some skins.";

  private final Work work;
  private final Figures figures;
  private final List<JobStep> steps = new ArrayList<>();

  private JobSteps(Work work, Figures figures) {
    this.work = work;
    this.figures = figures;
  }

  /** All steps of a job, from the check of the tag to the words about how it went. */
  public static List<JobStep> of(Work work, Figures figures) {
    return new JobSteps(work, figures).all();
  }

  private List<JobStep> all() {
    identify();
    boolean onlyItsCrown = work.does(Step.DRY_CROWN) && work.method().keepsMedium();
    if (!onlyItsCrown) {
      takeOut();
    }
    if (work.only(Verdict.LET_GO)) {
      letGo();
    } else if (work.only(Verdict.LIFT_AND_LOOK)) {
      putBack();
    } else if (onlyItsCrown) {
      crown();
      apart();
    } else {
      roots();
      wounds();
      potAndFill();
    }
    end();
    work.added().stream()
        .filter(task -> steps.stream().noneMatch(step -> step.task() == task))
        .forEach(this::besides);
    return steps.stream().sorted(Comparator.comparing(JobStep::task)).toList();
  }

  /** What may be wanted besides the steps that follow by themselves. */
  public static final Set<Task> MAY_BE_ADDED =
      Collections.unmodifiableSet(
          EnumSet.of(
              Task.SOAK,
              Task.CLEAR_TOP,
              Task.MEDIUM_OFF,
              Task.RINSE,
              Task.SHEATHS,
              Task.TALLY,
              Task.CUT,
              Task.PART,
              Task.DRESS,
              Task.TREAT,
              Task.HOLD,
              Task.APART));

  private void besides(Task task) {
    switch (task) {
      case SOAK -> soak();
      case CLEAR_TOP -> clearTop();
      case MEDIUM_OFF -> mediumOff("Take as much of the old medium off as falls.");
      case RINSE -> rinse();
      case SHEATHS -> sheaths();
      case TALLY -> tally();
      case CUT -> softRootsOff();
      case PART -> part();
      case DRESS -> dress();
      case TREAT -> treat();
      case HOLD -> hold();
      case APART -> apart();
      default -> throw new IllegalArgumentException("Not to be added: " + task);
    }
  }

  private void identify() {
    add(
        JobStep.of(
                Task.TAG,
                "Read the tag aloud and compare it with the name above.",
                "Tags are swapped where several plants are out of their pots.")
            .with("a new tag", "a pencil"));
    add(
        JobStep.of(
                Task.PHOTOGRAPH,
                "Photograph it from above and from the side, with the tag in the picture.",
                "In a year nobody remembers how it stood.")
            .with("a camera"));
  }

  private void takeOut() {
    soakOrDry();
    if (work.topped()) {
      clearTop();
    }
    lift();
    add(
        JobStep.of(
                Task.LOOK,
                "Look at the roots, the medium and the middle of the ball, and smell it.",
                "What is found now decides what is done next.")
            .with("good light"));
  }

  private void clearTop() {
    add(
        JobStep.of(
                Task.CLEAR_TOP,
                "Take the top layer, moss and weeds off before the plant is tipped.",
                "What lies on top falls among the roots as soon as it is tilted.")
            .minding("Do not stir up dry mould; wet it first.")
            .with("a tray"));
  }

  private void soakOrDry() {
    if (work.inBark() && !work.does(Step.KEEP_BALL) && !work.clings()) {
      add(
          JobStep.of(
              Task.DRY,
              "Work on it dry; if it was watered this week, let it wait.",
              "Bark falls away from dry roots, and tears wet ones."));
      return;
    }
    if (work.waitsForItsRoots() || work.does(Step.KEEP_BALL) && !work.clings()) {
      return;
    }
    soak();
  }

  private void soak() {
    int minutes =
        figures.count(work.clings() ? JobFigures.SOAK_CLINGING_MINUTES : JobFigures.SOAK_MINUTES);
    add(
        JobStep.of(
                Task.SOAK,
                work.clings()
                    ? "Stand the pot in water until the roots let go of the wall; stiff ones overnight."
                    : "Stand the pot in water until the roots are supple.",
                "Dry roots snap where wet ones bend.")
            .with("a bucket")
            .taking(minutes));
  }

  private void lift() {
    boolean breaks = work.pot().type() == PotType.CLAY || work.pot().type() == PotType.GLAZED;
    var how =
        work.clings()
            ? "Cut or break the pot away; never pull roots off its wall."
            : "Press the pot all round, hold the plant low on its stem, and tip it out on the side"
                + " away from the new roots.";
    var lift =
        JobStep.of(
                Task.LIFT,
                how,
                "A plant that is pulled by a leaf or a spike leaves its tips behind.")
            .with("a tray for what falls off");
    add(
        breaks || work.clings()
            ? lift.minding("Gloves and eye protection where a pot is cut or broken.")
            : lift);
  }

  private void roots() {
    if (work.does(Step.PLUG_OUT)) {
      add(
          JobStep.of(
                  Task.MEDIUM_OFF,
                  "Part the roots in the middle and take the old plug out.",
                  "A plug stays sodden when all round it is dry, and rots the heart of the ball.")
              .minding(MOSS));
    } else if (work.does(Step.MEDIUM_OFF)) {
      mediumOff("Take all the old medium off with your fingers; shake, do not comb.");
    } else if (work.does(Step.SHAKE_OUT)) {
      mediumOff("Shake and rinse out what falls from between the roots; untangle nothing.");
    } else if (work.does(Step.BACK_OFF)) {
      mediumOff("Take the medium off the old side only; the rest stays as it is.");
    }
    if (work.does(Step.RINSE)) {
      rinse();
    }
    if (!work.does(Step.KEEP_BALL)) {
      tally();
    }
  }

  private void rinse() {
    add(
        JobStep.of(
                Task.RINSE,
                "Rinse every root under lukewarm water.",
                "What lives in the medium sits on the roots as well.")
            .with("lukewarm water"));
  }

  private void tally() {
    add(
        JobStep.of(
            Task.TALLY,
            "Squeeze each root and tap what it is; firm is alive, whatever its colour.",
            "What was lost decides the pot, the feed and how often it is looked at."));
  }

  private void mediumOff(String what) {
    add(
        JobStep.of(
                Task.MEDIUM_OFF, what, "Old medium left among the roots rots them in the new one.")
            .minding(work.moss() ? MOSS : DUST)
            .with("a tray", "a blunt stick"));
  }

  private void wounds() {
    if (work.does(Step.CUT_TO_CLEAN)) {
      cut(
          work.does(Step.OWN_BLADE)
              ? "Cut on until the cut is green-white all through, and sterilise the blade after each"
                  + " cut."
              : "Cut back until the tissue is clean and firm.",
          "What is left of the rot goes on under the dressing.");
    } else if (work.does(Step.SOFT_ROOTS_OFF)) {
      softRootsOff();
    }
    if (parts()) {
      part();
    }
    if (work.does(Step.CUT_TO_CLEAN) || parts()) {
      dress();
    }
    if (work.does(Step.TREAT)) {
      treat();
    }
  }

  /** Whether it is parted, by its method or because it fell apart or somebody wants it so. */
  private boolean parts() {
    return work.does(Step.PART) || work.added().contains(Task.PART);
  }

  private void softRootsOff() {
    cut(
        "Cut soft and hollow roots off at the base; leave every firm one, however dark.",
        "Dead roots rot in the fresh medium and spoil it early.");
  }

  private void part() {
    add(
        JobStep.of(
                Task.PART,
                "Part it where it parts by itself, so that each piece has a lead, growths and"
                    + " roots of its own.",
                "A piece without a lead or without roots lives on its stores, and often dies.")
            .minding(BLADE)
            .with("a sterile blade"));
  }

  private void dress() {
    add(
        JobStep.of(
                Task.DRESS,
                "Dress the cuts on growths and rhizome; leave the roots alone.",
                "A dressed wound dries; a dressed root dries up.")
            .minding(
                "Peroxide at most 3 % and never with vinegar or bleach; alcohol on tools only,"
                    + " never on roots. Follow the labels.")
            .with("what you dress wounds with"));
  }

  private void crown() {
    add(
        JobStep.of(
                Task.DRESS,
                "Turn it over until no water is left in its crown; dust or dress it; do not cut.",
                "There is only one stem: what is cut off it is gone.")
            .minding(
                "Peroxide at most 3 % and never with vinegar or bleach; breathe no dust. Follow"
                    + " the labels.")
            .with("what you dress wounds with"));
  }

  private void treat() {
    add(
        JobStep.of(
                Task.TREAT,
                "Treat it with what is permitted where you live, as its label says.",
                "What is left of the pests comes back within weeks.")
            .minding("The label is the law. Ask a licensed adviser if you are not sure."));
  }

  private void cut(String what, String why) {
    add(JobStep.of(Task.CUT, what, why).minding(BLADE).with("a sterile blade"));
  }

  private void potAndFill() {
    var pot = JobStep.of(Task.POT, pot(), place());
    add(work.intoReservoir() ? pot.with("the pot") : pot.with("the pot", "a coarse bottom layer"));
    if (work.intoReservoir()) {
      gauge();
    }
    if (!work.mounted()) {
      level();
    }
    add(JobStep.of(Task.FILL, fill(), gaps()).minding(work.intoMoss() ? MOSS : DUST));
    if (!work.into().topLayer().isBlank()) {
      top();
    }
    if (!work.stands() || work.does(Step.SOFT_ROOTS_OFF) || parts()) {
      hold();
    }
    water();
    if (work.does(Step.KEEP_APART)) {
      apart();
    }
  }

  private void gauge() {
    add(
        JobStep.of(
                Task.GAUGE,
                "Stand the level gauge in first, then pour the bottom layer round its foot.",
                "Forgotten now, it means taking the plant out and beginning the fill again.")
            .minding(DUST)
            .with("a level gauge", "a coarse bottom layer"));
  }

  private void top() {
    add(
        JobStep.of(
                Task.TOP,
                "Lay its top layer on last: %s.".formatted(work.into().topLayer().strip()),
                "It holds the surface damp, and what is under it in the pot.")
            .with("its top layer"));
  }

  private void sheaths() {
    add(
        JobStep.of(
                Task.SHEATHS,
                "Take dry sheaths off the newest growths, or slit them; papery ones that cling"
                    + " stay.",
                "New roots run up behind a sheath and never reach the medium.")
            .minding(BLADE)
            .with("a sterile blade"));
  }

  private void hold() {
    add(
        JobStep.of(
                Task.HOLD,
                "Tie it to a stake or to the level gauge until it holds by itself.",
                "A plant that rocks rubs every new tip off.")
            .with("a stake", "a soft tie"));
  }

  private void apart() {
    add(
        JobStep.of(
            Task.APART,
            "Stand it apart from the others, and work on nothing else with this blade.",
            "What it carries goes to its neighbours with hands, blades and water."));
  }

  private String pot() {
    if (work.mounted()) {
      return "Tie it to the mount with its roots against the wood and moss over them.";
    }
    if (work.does(Step.SMALLEST_POT)) {
      return "Take the smallest pot that holds what is left of the roots.";
    }
    if (work.does(Step.SCRUBBED_POT)) {
      return "Take a pot of the same size, scrubbed clean.";
    }
    if (work.does(Step.KEEP_BALL) && !work.does(Step.LARGER_POT)) {
      return "Set the ball back into the same pot, a little deeper.";
    }
    return work.does(Step.LARGER_POT)
        ? "Take a pot two fingers wider, and set the ball into it whole."
        : "Take a pot in which its leads have room for about two years.";
  }

  private String place() {
    return work.does(Step.SHIFT) || work.does(Step.BACK_OFF)
        ? "Old growths to the rim, the leads with room before them."
        : "Where its leads have most room; one that grows all ways goes in the middle.";
  }

  private void level() {
    var level = SetDepth.of(work.kind());
    var words = level.words();
    var step =
        JobStep.of(
            Task.LEVEL,
            "Bring your eye to the rim: "
                + words.substring(0, 1).toLowerCase(Locale.ROOT)
                + words.substring(1),
            "A wrong level costs a year; to begin the fill again costs five minutes.");
    add(
        level == SetDepth.LEAD_IN_SURFACE && work.wet()
            ? step.with("coarse stones round the old bulbs")
            : step);
  }

  private String fill() {
    if (work.does(Step.KEEP_BALL)) {
      return "Fill round the ball, tap the pot, and press nothing.";
    }
    return work.intoMoss()
        ? "Lay damp moss between the roots, then round them; springy, not hard."
        : "Hold the plant at its level, pour, and tap the pot until nothing sinks any more.";
  }

  private String gaps() {
    return work.kind().of(Trait.ROOTS) == RootThickness.THICK
        ? "Thick roots forgive gaps."
        : "Fine roots dry out in a gap; a stick brings the medium to them.";
  }

  private void water() {
    boolean cut = work.does(Step.CUT_TO_CLEAN) || parts();
    if (work.waitsForItsRoots()) {
      add(
          JobStep.of(
              Task.WATER,
              "Keep it dry: first water when its growth is 50 to 80 mm high and its roots are out.",
              "Without roots it cannot drink, and its new growth rots in wet medium."));
    } else if (cut) {
      add(
          JobStep.of(
              Task.WATER,
              "Leave it dry for %d days, then water it."
                  .formatted(figures.count(JobFigures.WOUNDS_DRY_DAYS)),
              "Wet cuts rot."));
    } else if (work.intoMoss()) {
      add(
          JobStep.of(
              Task.WATER,
              "The moss is damp enough; water it when it is almost dry.",
              "Moss that is soaked on the first day stays wet for weeks."));
    } else {
      add(
          JobStep.of(
              Task.WATER,
              "Water it through until it runs clear.",
              "It settles the medium and takes the dust out."));
    }
  }

  private void putBack() {
    add(
        JobStep.of(
            Task.PUT_BACK,
            "If the roots are well, put it back as it was, at the same level.",
            "A look costs a plant little, as long as the ball stays together."));
  }

  private void letGo() {
    add(
        JobStep.of(
                Task.LET_GO,
                "Look for a firm bulb with an eye; it may be cut off and started by itself. Without"
                    + " one, the plant, its medium and its pot go out of the house.",
                "It is a gamble, but the only one left; everything else spreads what it has.")
            .minding(BLADE)
            .with("a bag"));
  }

  private void end() {
    boolean potted = steps.stream().anyMatch(step -> step.task() == Task.FILL);
    if (potted) {
      add(
          JobStep.of(
              Task.WRITE_TAG,
              "Write day and mix on the tag, and put it into the pot.",
              "Nobody knows next year when it was."));
    }
    add(
        JobStep.of(
            Task.TELL,
            "Say what went well and what did not, and photograph it once more.",
            "Your own notes are the best book there is on your plants."));
  }

  private void add(JobStep step) {
    steps.add(step);
  }
}
