package almanac.core.rhizome;

import static almanac.core.words.Sentence.say;

import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The plans worth comparing for one plant. Rules: Dividing. */
public final class CutPlans {
  private final RhizomeMap map;
  private final int least;
  private final Set<Integer> gone;
  private final List<Integer> rot;

  private CutPlans(RhizomeMap map, int least) {
    this.map = map;
    this.least = least;
    this.gone = RotCut.gone(map, least);
    this.rot = RotCut.joints(map, gone);
  }

  /**
   * Those there are, at least the one that keeps it whole.
   *
   * @param least so many firm growths a piece of its kind needs, from 1
   * @param first the plans that serve what the collector wants of it; they come first, in this
   *     order
   */
  public static List<CutPlan> of(RhizomeMap map, int least, List<PlanKind> first) {
    return new CutPlans(map, least)
        .all().stream().sorted(Comparator.comparingInt(plan -> place(plan.kind(), first))).toList();
  }

  private static int place(PlanKind kind, List<PlanKind> first) {
    int place = first.indexOf(kind);
    return place < 0 ? first.size() : place;
  }

  /** The pieces that those cuts would leave, such as when somebody moves a cut by hand. */
  public static List<Piece> pieces(RhizomeMap map, List<Integer> cuts, int least) {
    return CutPieces.of(map, cuts, least);
  }

  private List<CutPlan> all() {
    var many = many();
    return Stream.of(
            Optional.of(whole()),
            two(),
            many.filter(plan -> sound(plan) > 2),
            backOff(),
            bunched(many),
            gamble())
        .flatMap(Optional::stream)
        .toList();
  }

  private static long sound(CutPlan plan) {
    return plan.pieces().stream().filter(Piece::sound).count();
  }

  private CutPlan whole() {
    return plan(PlanKind.WHOLE, List.of(), wholeSpeaks(), wholeRisk());
  }

  private Sentence wholeSpeaks() {
    if (rot.isEmpty()) {
      return say("No cut is made, and the plant goes on at its full strength.");
    }
    return gone.stream().allMatch(growth -> map.growths().get(growth).soft())
        ? say("Only what is rotten is cut out, back to the next sound growth.")
        : say("What is rotten is cut out, with one growth beyond it.");
  }

  private Sentence wholeRisk() {
    return rot.isEmpty()
        ? say("It needs the most room, and a bare middle stays bare.")
        : say("Look at each cut face: where it is stained or ringed, cut on until it is clean.");
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
    var cuts = mostPieces(rot);
    return cuts.isEmpty()
        ? Optional.empty()
        : Optional.of(
            plan(
                PlanKind.MANY,
                cuts,
                say("As many plants as can live by themselves."),
                cutRisk(cuts).and(say(" Small pieces flower a year or two later."))));
  }

  /** The cuts that leave most sound pieces of what hangs together after others. */
  private List<Integer> mostPieces(List<Integer> after) {
    var cuts = new ArrayList<Integer>();
    var search = new CutSearch(map, least);
    for (var part : map.parts(after)) {
      var best = search.best(part.get(0), part);
      if (best != null) {
        cuts.addAll(best);
      }
    }
    return cuts;
  }

  private Optional<CutPlan> bunched(Optional<CutPlan> many) {
    var middle = BareMiddle.of(map, gone, least);
    if (middle.isEmpty()) {
      return many.map(
          plan ->
              new CutPlan(
                  PlanKind.BUNCHED,
                  plan.cuts(),
                  plan.pieces(),
                  say("The pieces fill one pot from the middle, and each lead has room."),
                  plan.risk()));
    }
    var out = new TreeSet<>(gone);
    out.addAll(middle);
    var cuts = new ArrayList<>(RotCut.joints(map, out));
    cuts.addAll(mostPieces(cuts));
    return Optional.of(
        plan(
            PlanKind.BUNCHED,
            cuts,
            say("The bare middle goes, and the fronts fill one pot with room for each lead."),
            cutRisk(cuts)));
  }

  /** One cut behind which nothing is left that goes on, and before which all of it is sound. */
  private Optional<CutPlan> backOff() {
    return joints()
        .filter(cut -> back(living(cut)).isPresent())
        .max(
            Comparator.comparingInt(
                (Integer cut) -> back(living(cut)).orElseThrow().growths().size()))
        .map(
            cut ->
                plan(
                    PlanKind.BACK_OFF,
                    List.of(cut),
                    say("The front has the pot to itself, and nothing of worth is lost."),
                    say("Old bulbs feed the front in a bad year; it has fewer of them.")));
  }

  private static Optional<Piece> back(List<Piece> living) {
    var spent =
        living.stream()
            .filter(piece -> piece.growths().stream().allMatch(each -> each.front() == Front.SPENT))
            .toList();
    return living.size() == 2 && spent.size() == 1 && living.stream().anyMatch(Piece::sound)
        ? Optional.of(spent.get(0))
        : Optional.empty();
  }

  /** One cut that takes a firm back bulb with an eye off a front that does not need it. */
  private Optional<CutPlan> gamble() {
    return joints()
        .filter(cut -> gambled(living(cut)).isPresent())
        .min(
            Comparator.comparingInt(
                (Integer cut) -> gambled(living(cut)).orElseThrow().growths().size()))
        .map(
            cut ->
                plan(
                    PlanKind.GAMBLE,
                    List.of(cut),
                    say("A plant more, if its eye shoots."),
                    say(
                        "A gamble: many such bulbs rot or sit for a year. Damp moss, warm, apart.")));
  }

  private static Optional<Piece> gambled(List<Piece> living) {
    return living.size() == 2 && living.stream().filter(Piece::sound).count() == 1
        ? living.stream().filter(Piece::gamble).findFirst()
        : Optional.empty();
  }

  private interface Wanted {
    boolean by(List<Piece> pieces);
  }

  private Optional<Integer> single(Wanted wanted) {
    return joints()
        .filter(cut -> wanted.by(living(cut)))
        .min(
            Comparator.comparing((Integer cut) -> !map.joints().get(cut).natural())
                .thenComparingInt(cut -> squares(living(cut))));
  }

  /** Those that are no part of the rot, nor its edge. */
  private Stream<Integer> joints() {
    var numbers = map.numbers();
    return IntStream.range(0, map.joints().size())
        .boxed()
        .filter(
            cut ->
                !gone.contains(numbers.get(map.joints().get(cut).one()))
                    && !gone.contains(numbers.get(map.joints().get(cut).other())));
  }

  /** What one more cut leaves of it, without what is cut out for rot. */
  private List<Piece> living(int cut) {
    return pieces(List.of(cut)).stream().filter(piece -> !piece.rotten()).toList();
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
    var pieces = pieces(cuts);
    return new CutPlan(
        kind,
        CutPieces.joints(map, pieces).stream().map(map.joints()::get).toList(),
        pieces,
        speaksFor,
        risk);
  }

  private List<Piece> pieces(List<Integer> cuts) {
    var all = new LinkedHashSet<>(cuts);
    all.addAll(rot);
    return CutPieces.of(map, List.copyOf(all), least);
  }
}
