package almanac.core.rhizome;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The plans worth comparing for one plant. Rules: Dividing. */
public final class CutPlans {
  private final RhizomeMap map;
  private final int least;
  private final List<Integer> rotten;

  private CutPlans(RhizomeMap map, int least) {
    this.map = map;
    this.least = least;
    this.rotten =
        IntStream.range(0, map.joints().size())
            .filter(i -> soft(map.joints().get(i).one()) || soft(map.joints().get(i).other()))
            .boxed()
            .toList();
  }

  /**
   * Those there are, at least the one that keeps it whole.
   *
   * @param least so many firm growths a piece of its kind needs, from 1
   */
  public static List<CutPlan> of(RhizomeMap map, int least) {
    return new CutPlans(map, least).all();
  }

  /** The pieces that those cuts would leave, such as when somebody moves a cut by hand. */
  public static List<Piece> pieces(RhizomeMap map, List<Integer> cuts, int least) {
    return new CutPlans(map, least).pieces(cuts);
  }

  private List<CutPlan> all() {
    var many = many();
    return Stream.of(
            Optional.of(whole()),
            two(),
            many.filter(plan -> plan.pieces().stream().filter(Piece::sound).count() > 2),
            backOff(),
            many.map(this::bunched))
        .flatMap(Optional::stream)
        .toList();
  }

  private boolean soft(String name) {
    return map.growths().stream()
        .anyMatch(growth -> growth.name().equals(name) && growth.firmness() == Firmness.SOFT);
  }

  private CutPlan whole() {
    return plan(
        PlanKind.WHOLE,
        List.of(),
        rotten.isEmpty()
            ? say("No cut is made, and the plant goes on at its full strength.")
            : say("Only what is rotten is cut out, back to the next sound growth."),
        say("It needs the most room, and a bare middle stays bare."));
  }

  /** One cut that leaves two sound pieces, as alike as can be, rather where it breaks by itself. */
  private Optional<CutPlan> two() {
    return single(pieces -> pieces.stream().filter(Piece::sound).count() == 2)
        .map(
            cut ->
                plan(
                    PlanKind.TWO,
                    List.of(cut),
                    say("Two strong plants, and one of them in reserve."),
                    cutRisk(List.of(cut))));
  }

  private Optional<CutPlan> many() {
    var cuts = new ArrayList<Integer>();
    var search = new CutSearch(map, least);
    for (var part : map.parts(rotten)) {
      var best = search.best(part.get(0), part);
      if (best != null) {
        cuts.addAll(best);
      }
    }
    if (cuts.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        plan(
            PlanKind.MANY,
            cuts,
            say("As many plants as can live by themselves."),
            cutRisk(cuts).and(say(" Small pieces flower a year or two later."))));
  }

  private CutPlan bunched(CutPlan many) {
    return new CutPlan(
        PlanKind.BUNCHED,
        many.cuts(),
        many.pieces(),
        say("The pieces fill one pot from the middle, and each lead has room."),
        many.risk());
  }

  /** One cut behind which nothing is left that goes on, and before which all of it is sound. */
  private Optional<CutPlan> backOff() {
    return IntStream.range(0, map.joints().size())
        .boxed()
        .filter(cut -> !rotten.contains(cut))
        .filter(cut -> back(pieces(List.of(cut))).isPresent())
        .max(
            Comparator.comparingInt(
                (Integer cut) -> back(pieces(List.of(cut))).orElseThrow().growths().size()))
        .map(
            cut ->
                plan(
                    PlanKind.BACK_OFF,
                    List.of(cut),
                    say("The front has the pot to itself, and nothing of worth is lost."),
                    say("Old bulbs feed the front in a bad year; it has fewer of them.")));
  }

  private static Optional<Piece> back(List<Piece> pieces) {
    var living = pieces.stream().filter(piece -> !piece.rotten()).toList();
    var spent =
        living.stream()
            .filter(piece -> piece.growths().stream().allMatch(each -> each.front() == Front.SPENT))
            .toList();
    return living.size() == 2 && spent.size() == 1 && living.stream().anyMatch(Piece::sound)
        ? Optional.of(spent.get(0))
        : Optional.empty();
  }

  private interface Wanted {
    boolean by(List<Piece> pieces);
  }

  private Optional<Integer> single(Wanted wanted) {
    return IntStream.range(0, map.joints().size())
        .boxed()
        .filter(cut -> !rotten.contains(cut))
        .filter(cut -> wanted.by(pieces(List.of(cut))))
        .min(
            Comparator.comparing((Integer cut) -> !map.joints().get(cut).natural())
                .thenComparingInt(cut -> squares(pieces(List.of(cut)))));
  }

  private static int squares(List<Piece> pieces) {
    return pieces.stream().mapToInt(piece -> piece.growths().size() * piece.growths().size()).sum();
  }

  private Sentence cutRisk(List<Integer> cuts) {
    long through = cuts.stream().filter(cut -> !map.joints().get(cut).natural()).count();
    return through == 0
        ? say("It parts where it breaks by itself; hardly a wound is left.")
        : say(
            "{} {} through sound rhizome; keep the wounds dry until they have closed.",
            Measure.COUNT.of(through),
            through == 1 ? "cut" : "cuts");
  }

  private CutPlan plan(PlanKind kind, List<Integer> cuts, Sentence speaksFor, Sentence risk) {
    var all = new TreeSet<>(cuts);
    all.addAll(rotten);
    return new CutPlan(
        kind, all.stream().map(map.joints()::get).toList(), pieces(cuts), speaksFor, risk);
  }

  private List<Piece> pieces(List<Integer> cuts) {
    var all = new LinkedHashSet<>(cuts);
    all.addAll(rotten);
    return map.parts(List.copyOf(all)).stream()
        .map(part -> new Piece(part.stream().map(map.growths()::get).toList(), least))
        .sorted(
            Comparator.comparing(Piece::rotten)
                .thenComparing(piece -> !piece.sound())
                .thenComparing(Comparator.comparingInt(Piece::firm).reversed()))
        .toList();
  }
}
