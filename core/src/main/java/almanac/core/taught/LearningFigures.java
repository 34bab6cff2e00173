package almanac.core.taught;

import almanac.core.figures.Figure;
import almanac.core.figures.FigureGroup;
import almanac.core.figures.Unit;

/** What is assumed of moves without a record, and how much that weighs against one. */
public final class LearningFigures {
  public static final FigureGroup GROUP = new FigureGroup("learning", "What it taught");

  public static final Figure WEIGHT =
      GROUP.figure(
          "weight",
          8,
          Unit.PLANTS,
          1,
          100,
          "What is assumed rests on many collections; eight moves of one's own weigh as much");
  public static final Figure FEW =
      GROUP.figure("few", 5, Unit.PLANTS, 1, 50, "Four moves can all go well or badly by chance");
  public static final Figure PERHAPS =
      percent("perhaps", 15, "One chance in seven is worth a word, and no conclusion");
  public static final Figure CLEAR =
      percent("clear", 4, "Of 25 figures that are right, one at most is called wrong by chance");
  public static final Figure AT_BUMPS =
      percent(
          "at-bumps", 85, "Roots about to come go into the fresh medium; now and then they wait");
  public static final Figure AT_NUBS =
      percent(
          "at-nubs", 90, "The best moment there is: little to break, and all enters the medium");
  public static final Figure AT_TIPS =
      percent("at-tips", 45, "Of tips from 2 to 10 cm many break, and do not branch yet");
  public static final Figure AT_LONG =
      percent("at-long", 75, "Long roots branch behind a broken tip, in most kinds");
  public static final Figure IN_THE_MEDIUM =
      percent(
          "in-the-medium", 60, "Nothing comes until the next flush; old roots carry it so long");
  public static final Figure WITHOUT =
      percent("without", 45, "Old roots are shed, and nothing replaces them for months");
  public static final Figure IN_FLOWER =
      percent("in-flower", 65, "Flowers draw on what roots would be made of");
  public static final Figure ANY =
      percent("any", 75, "Of all moves that growers tell of, about so many take hold in time");
  public static final Figure WHOLE = percent("whole", 95, "A ball that stays whole loses nothing");
  public static final Figure DIVIDED =
      percent("divided", 65, "Each piece has fewer roots, and a wound");
  public static final Figure CUT_CLEAN =
      percent("cut-clean", 40, "Whoever has rot cut out had few roots before");
  public static final Figure ASKED_FOR =
      percent("asked-for", 80, "A slip waits for a day on which most take hold, hazards apart");
  public static final Figure AGAINST =
      percent("against", 65, "Whoever moves a plant against its slip often has luck");
  public static final Figure HOPELESS =
      percent("hopeless", 10, "Of plants that nobody would keep hardly one comes back");
  public static final Figure FORETOLD_DAYS =
      GROUP.days("foretold-days", 730, "What was foretold before that rests on older looks");
  public static final Figure FORETOLD_FROM =
      GROUP.days("foretold-from", 7, "What comes within a week was seen, and not foretold");
  public static final Figure FORETOLD_TO =
      GROUP.days("foretold-to", 42, "After six weeks the newest roots may be of another flush");
  public static final Figure PIECE_SPREAD =
      percent("piece-spread", 30, "Pots of one mix on one sill differ by about a third");
  public static final Figure LIFE_SPREAD =
      percent(
          "life-spread", 35, "A life as it is assumed fits most collections within about a third");

  static {
    GROUP.inOrder(FORETOLD_FROM, FORETOLD_TO, FORETOLD_DAYS);
    GROUP.inOrder(CLEAR, PERHAPS);
    GROUP.inOrder(AT_TIPS, AT_NUBS);
  }

  private LearningFigures() {}

  private static Figure percent(String name, double value, String reason) {
    return GROUP.figure(name, value, Unit.PERCENT, 1, 99, reason);
  }
}
