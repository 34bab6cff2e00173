package almanac.core.rhizome;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import almanac.core.history.Aim;
import almanac.core.refusals.Refused;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Where to cut: plans for plants a grower can picture, and the search against trying everything.
 */
class CutPlansTest {
  private static final int LEAST = 3;

  private static MapGrowth firm(String name, int roots) {
    return new MapGrowth(name, Firmness.FIRM, roots, false, Front.SPENT);
  }

  private static MapGrowth lead(String name) {
    return new MapGrowth(name, Firmness.FIRM, 2, true, Front.LEAD);
  }

  /** One growth after the other, by their names. */
  private static RhizomeMap row(MapGrowth... growths) {
    var joints = new ArrayList<Joint>();
    for (int i = 1; i < growths.length; i++) {
      joints.add(new Joint(growths[i - 1].name(), growths[i].name(), false));
    }
    return new RhizomeMap(List.of(growths), joints);
  }

  /** Two fronts that grew away from an old middle. */
  private static RhizomeMap twoFronts(boolean natural) {
    return new RhizomeMap(
        List.of(lead("a1"), firm("a2", 3), firm("a3", 2), firm("b3", 2), firm("b2", 3), lead("b1")),
        List.of(
            new Joint("a1", "a2", false),
            new Joint("a2", "a3", false),
            new Joint("a3", "b3", natural),
            new Joint("b3", "b2", false),
            new Joint("b2", "b1", false)));
  }

  private static Optional<CutPlan> plan(RhizomeMap map, PlanKind kind) {
    return CutPlans.of(map, LEAST, List.of()).stream()
        .filter(plan -> plan.kind() == kind)
        .findFirst();
  }

  @Test
  void twoFrontsPartInTheMiddle() {
    var two = plan(twoFronts(true), PlanKind.TWO).orElseThrow();
    assertThat(two.cuts()).extracting(Joint::name).containsExactly("a3–b3");
    assertThat(two.pieces()).hasSize(2).allMatch(Piece::sound);
    assertThat(two.risk())
        .hasToString("It parts where it breaks by itself; hardly a wound is left.");
    assertThat(plan(twoFronts(false), PlanKind.TWO).orElseThrow().risk())
        .hasToString("1 cut through sound rhizome; keep the wounds dry until they have closed.");
    assertThat(plan(twoFronts(true), PlanKind.BUNCHED)).isPresent();
  }

  @Test
  void onePlantWithOneFrontIsKeptWhole() {
    var map = row(firm("1", 3), firm("2", 2), firm("3", 2), firm("4", 2), lead("5"));
    assertThat(CutPlans.of(map, LEAST, List.of()))
        .extracting(CutPlan::kind)
        .containsExactly(PlanKind.WHOLE, PlanKind.BACK_OFF);
    var off = plan(map, PlanKind.BACK_OFF).orElseThrow();
    assertThat(off.cuts()).extracting(Joint::name).containsExactly("2–3");
    assertThat(off.pieces().get(0).sound()).isTrue();
    assertThat(off.pieces().get(1).gamble()).isFalse();
  }

  @Test
  void whatIsRottenIsCutOutOfEveryPlan() {
    var soft = new MapGrowth("s", Firmness.SOFT, 0, false, Front.SPENT);
    var map = row(lead("1"), firm("2", 2), firm("3", 2), soft, firm("5", 2), firm("6", 2));
    for (var plan : CutPlans.of(map, LEAST, List.of())) {
      assertThat(plan.cuts()).extracting(Joint::name).contains("3–s", "s–5");
      assertThat(plan.pieces().get(plan.pieces().size() - 1).rotten()).isTrue();
    }
    assertThat(plan(map, PlanKind.WHOLE).orElseThrow().speaksFor().toString())
        .contains("cut out, back to the next sound growth");
  }

  private static MapGrowth soft(String name) {
    return new MapGrowth(name, Firmness.SOFT, 0, false, Front.SPENT);
  }

  @Test
  void rotIsCutOneGrowthBeyondWhereThePlantCanSpareIt() {
    var strong = row(soft("r"), firm("1", 2), firm("2", 2), firm("3", 2), lead("4"));
    var whole = plan(strong, PlanKind.WHOLE).orElseThrow();
    assertThat(whole.cuts()).extracting(Joint::name).containsExactly("1–2");
    assertThat(whole.pieces()).hasSize(2);
    assertThat(whole.pieces().get(1).growths())
        .extracting(MapGrowth::name)
        .containsExactly("r", "1");
    assertThat(whole.pieces().get(1).rotten()).isTrue();
    assertThat(whole.speaksFor())
        .hasToString("What is rotten is cut out, with one growth beyond it.");

    assertThat(CutPlans.of(strong, LEAST, List.of()))
        .extracting(CutPlan::kind)
        .as("what goes with the rot is no spent back besides")
        .containsExactly(PlanKind.WHOLE);

    var weak = row(soft("r"), firm("1", 2), firm("2", 2), lead("3"));
    assertThat(plan(weak, PlanKind.WHOLE).orElseThrow().cuts())
        .as("it would have too few left")
        .extracting(Joint::name)
        .containsExactly("r–1");
    var atTheLead = row(firm("1", 2), firm("2", 2), firm("3", 2), lead("4"), soft("r"));
    assertThat(plan(atTheLead, PlanKind.WHOLE).orElseThrow().cuts())
        .as("never the lead")
        .extracting(Joint::name)
        .containsExactly("4–r");
  }

  @Test
  void twoRottenGrowthsGoAsOne() {
    var map = row(soft("r"), soft("s"), firm("1", 2), firm("2", 2), lead("3"));
    assertThat(plan(map, PlanKind.WHOLE).orElseThrow().pieces()).hasSize(2);
  }

  @Test
  void aFirmBackBulbWithAnEyeIsAGamble() {
    var eye = new MapGrowth("1", Firmness.FIRM, 0, false, Front.EYE);
    var map = row(eye, firm("2", 2), firm("3", 2), lead("4"));
    var gamble = plan(map, PlanKind.GAMBLE).orElseThrow();
    assertThat(gamble.cuts()).extracting(Joint::name).containsExactly("1–2");
    assertThat(gamble.pieces()).extracting(Piece::gamble).containsExactly(false, true);
    assertThat(gamble.risk().toString()).contains("gamble");
    var needed = row(eye, firm("2", 2), lead("3"));
    assertThat(plan(needed, PlanKind.GAMBLE)).as("the front needs it").isEmpty();
    var blind = row(firm("1", 0), firm("2", 2), firm("3", 2), lead("4"));
    assertThat(plan(blind, PlanKind.GAMBLE)).isEmpty();
  }

  @Test
  void aBareMiddleIsCutOutBeforeTheFrontsAreBunched() {
    var wrinkled = new MapGrowth("m", Firmness.WRINKLED, 3, false, Front.SPENT);
    var map =
        row(
            lead("a1"),
            firm("a2", 2),
            firm("a3", 2),
            wrinkled,
            firm("n", 0),
            firm("b3", 2),
            firm("b2", 2),
            lead("b1"));
    var bunched = plan(map, PlanKind.BUNCHED).orElseThrow();
    assertThat(bunched.cuts()).extracting(Joint::name).containsExactly("a3–m", "n–b3");
    assertThat(bunched.pieces()).extracting(Piece::sound).containsExactly(true, true, false);
    assertThat(bunched.pieces().get(2).growths())
        .as("what is spent goes together")
        .extracting(MapGrowth::name)
        .containsExactly("m", "n");
    assertThat(bunched.speaksFor().toString()).contains("bare middle");
    var needed = row(lead("a1"), firm("a2", 2), wrinkled, firm("b2", 2), lead("b1"));
    assertThat(plan(needed, PlanKind.BUNCHED)).as("two a side are too few").isEmpty();
    assertThat(plan(twoFronts(false), PlanKind.BUNCHED).orElseThrow().cuts())
        .as("where the middle lives it stays")
        .extracting(Joint::name)
        .containsExactly("a3–b3");
  }

  @Test
  void whatTheCollectorWantsComesFirst() {
    assertThat(CutPlans.of(twoFronts(false), LEAST, Aim.GROW_LARGE.plans()))
        .extracting(CutPlan::kind)
        .containsExactly(PlanKind.WHOLE, PlanKind.BUNCHED, PlanKind.TWO);
    assertThat(CutPlans.of(twoFronts(false), LEAST, Aim.DIVIDE.plans()))
        .extracting(CutPlan::kind)
        .containsExactly(PlanKind.TWO, PlanKind.WHOLE, PlanKind.BUNCHED);
    assertThat(CutPlans.of(twoFronts(false), LEAST, Aim.AS_IT_COMES.plans()))
        .extracting(CutPlan::kind)
        .containsExactly(PlanKind.WHOLE, PlanKind.TWO, PlanKind.BUNCHED);
  }

  /** Whatever a rhizome looks like, no plan leaves rot at what is to live, or loses a growth. */
  @Test
  void noPlanLeavesRotAtWhatIsToLive() {
    var random = new Random(7);
    int withRot = 0;
    int spared = 0;
    int bare = 0;
    for (int i = 0; i < 2000; i++) {
      var map = made(random, 2 + random.nextInt(11), 8);
      int least = 1 + random.nextInt(3);
      boolean rot = map.growths().stream().anyMatch(each -> each.firmness() == Firmness.SOFT);
      withRot += rot ? 1 : 0;
      for (var plan : CutPlans.of(map, least, List.of())) {
        var all = plan.pieces().stream().flatMap(piece -> piece.growths().stream()).toList();
        assertThat(all).as("%s", plan).containsExactlyInAnyOrderElementsOf(map.growths());
        assertThat(plan.pieces())
            .allSatisfy(
                piece ->
                    assertThat(
                            piece.growths().stream()
                                    .map(MapGrowth::firmness)
                                    .toList()
                                    .contains(Firmness.SOFT)
                                && piece.growths().stream().anyMatch(MapGrowth::goesOn))
                        .as("rot beside what goes on: %s", plan)
                        .isEqualTo(softGoesOn(piece)));
        spared +=
            plan.pieces().stream()
                    .anyMatch(piece -> piece.rotten() && piece.firm() > 0 && !piece.sound())
                ? 1
                : 0;
        bare +=
            plan.kind() == PlanKind.BUNCHED && plan.speaksFor().toString().contains("bare") ? 1 : 0;
        assertThat(CutPlans.pieces(map, places(plan, map), least))
            .as("taken as it is proposed: %s of %s", plan, map)
            .isEqualTo(plan.pieces());
      }
    }
    assertThat(withRot).isGreaterThan(500);
    assertThat(spared).as("how often a growth went with the rot").isGreaterThan(100);
    assertThat(bare).as("how often a bare middle was cut out").isGreaterThan(20);
  }

  /** A soft growth that was drawn as a lead or with an eye goes with itself. */
  private static boolean softGoesOn(Piece piece) {
    return piece.growths().stream()
        .anyMatch(each -> each.firmness() == Firmness.SOFT && each.front() != Front.SPENT);
  }

  private static List<Integer> places(CutPlan plan, RhizomeMap map) {
    return plan.cuts().stream().map(map.joints()::indexOf).toList();
  }

  @Test
  void aMovedCutIsJudgedAtOnce() {
    var pieces = CutPlans.pieces(twoFronts(true), List.of(1), LEAST);
    var poor = pieces.stream().filter(piece -> !piece.sound()).findFirst().orElseThrow();
    assertThat(poor.lacks())
        .extracting(Object::toString)
        .containsExactly("2 firm growths instead of 3");
    var bare = new Piece(List.of(new MapGrowth("x", Firmness.FIRM, 0, false, Front.EYE)), LEAST);
    assertThat(bare.gamble()).isTrue();
    assertThat(bare.lacks())
        .extracting(Object::toString)
        .containsExactly("1 firm growth instead of 3", "no root of its own");
    var spent = new Piece(List.of(firm("a", 1), firm("b", 1), firm("c", 1)), LEAST);
    assertThat(spent.lacks())
        .extracting(Object::toString)
        .containsExactly("neither a lead nor a live eye");
  }

  @Test
  void theSearchFindsWhatTryingEverythingFinds() {
    var random = new Random(40);
    int divided = 0;
    int severalWays = 0;
    for (int i = 0; i < 3000; i++) {
      var map = made(random, 2 + random.nextInt(9));
      int least = 1 + random.nextInt(3);
      var all = IntStream.range(0, map.growths().size()).boxed().toList();
      var found = new CutSearch(map, least).best(0, all);
      var tried = everything(map, least);
      assertThat(found == null).isEqualTo(tried.isEmpty());
      if (found != null) {
        assertThat(came(map, found, least).orElseThrow())
            .as("%s with %d", map, least)
            .isEqualTo(tried.orElseThrow());
        divided += found.isEmpty() ? 0 : 1;
        severalWays += found.size() > 1 ? 1 : 0;
      }
    }
    assertThat(divided).as("how often it could be divided").isGreaterThan(500);
    assertThat(severalWays).as("how often into more than two").isGreaterThan(100);
  }

  /** What cuts come to by the words of the rule, worked out anew. */
  private record Came(int pieces, int through, int squares) {
    static final Comparator<Came> BEST =
        Comparator.comparingInt((Came came) -> -came.pieces)
            .thenComparingInt(Came::through)
            .thenComparingInt(Came::squares);
  }

  private static Optional<Came> everything(RhizomeMap map, int least) {
    return IntStream.range(0, 1 << map.joints().size())
        .mapToObj(
            mask ->
                came(
                    map,
                    IntStream.range(0, map.joints().size())
                        .filter(joint -> (mask >> joint & 1) == 1)
                        .boxed()
                        .toList(),
                    least))
        .flatMap(Optional::stream)
        .min(Came.BEST);
  }

  /** Nothing if a piece has too few firm growths, nothing that goes on, or no root. */
  private static Optional<Came> came(RhizomeMap map, List<Integer> cuts, int least) {
    var piece = new HashMap<String, Integer>();
    map.growths().forEach(growth -> piece.put(growth.name(), piece.size()));
    for (int joint = 0; joint < map.joints().size(); joint++) {
      if (!cuts.contains(joint)) {
        int one = piece.get(map.joints().get(joint).one());
        int other = piece.get(map.joints().get(joint).other());
        piece.replaceAll((name, number) -> number == other ? one : number);
      }
    }
    int squares = 0;
    for (int number : Set.copyOf(piece.values())) {
      var growths =
          map.growths().stream().filter(each -> piece.get(each.name()) == number).toList();
      long firm = growths.stream().filter(each -> each.firmness() == Firmness.FIRM).count();
      if (firm < least
          || growths.stream().allMatch(each -> each.front() == Front.SPENT)
          || growths.stream().allMatch(each -> each.roots() == 0 && !each.newRoots())) {
        return Optional.empty();
      }
      squares += growths.size() * growths.size();
    }
    int through = (int) cuts.stream().filter(cut -> !map.joints().get(cut).natural()).count();
    return Optional.of(new Came(Set.copyOf(piece.values()).size(), through, squares));
  }

  @Test
  void itIsPartedWhereItBreaksByItselfAndElseIntoHalves() {
    var eye = new MapGrowth("4", Firmness.FIRM, 2, false, Front.EYE);
    var growths =
        List.of(
            firm("1", 2),
            firm("2", 2),
            firm("3", 2),
            eye,
            firm("5", 2),
            firm("6", 2),
            firm("7", 2),
            lead("8"));
    var sound = row(growths.toArray(MapGrowth[]::new));
    assertThat(plan(sound, PlanKind.TWO).orElseThrow().cuts())
        .as("halves")
        .extracting(Joint::name)
        .containsExactly("4–5");
    var joints = new ArrayList<>(sound.joints());
    joints.set(4, new Joint("5", "6", true));
    assertThat(plan(new RhizomeMap(growths, joints), PlanKind.TWO).orElseThrow().cuts())
        .as("where it breaks by itself")
        .extracting(Joint::name)
        .containsExactly("5–6");
  }

  @Test
  void ofAsManyPiecesTheFewestWoundsAndThenTheMostAlike() {
    var growths = new ArrayList<MapGrowth>();
    for (int i = 1; i <= 12; i++) {
      growths.add(new MapGrowth(String.valueOf(i), Firmness.FIRM, 2, false, Front.EYE));
    }
    var alike = row(growths.toArray(MapGrowth[]::new));
    var all = IntStream.range(0, 12).boxed().toList();
    assertThat(new CutSearch(alike, 4).best(0, all)).containsExactly(3, 7);
    assertThat(new CutSearch(alike, 5).best(0, all)).as("halves").containsExactly(5);
    var joints = new ArrayList<>(alike.joints());
    joints.set(6, new Joint("7", "8", true));
    assertThat(new CutSearch(new RhizomeMap(growths, joints), 5).best(0, all))
        .as("where it breaks by itself")
        .containsExactly(6);
  }

  private static RhizomeMap made(Random random, int size) {
    return made(random, size, 0);
  }

  /** Of so many growths one is rotten; of 0 none. */
  private static RhizomeMap made(Random random, int size, int rotten) {
    var growths = new ArrayList<MapGrowth>();
    var joints = new ArrayList<Joint>();
    for (int i = 0; i < size; i++) {
      boolean soft = rotten > 0 && random.nextInt(rotten) == 0;
      var living = random.nextInt(5) == 0 ? Firmness.WRINKLED : Firmness.FIRM;
      var firmness = soft ? Firmness.SOFT : living;
      var front = Front.values()[random.nextInt(3)];
      growths.add(
          new MapGrowth("g" + i, firmness, random.nextInt(3), random.nextInt(4) == 0, front));
      if (i > 0) {
        joints.add(new Joint("g" + random.nextInt(i), "g" + i, random.nextInt(3) == 0));
      }
    }
    return new RhizomeMap(growths, joints);
  }

  @ParameterizedTest(name = "{0}")
  @CsvSource({
    "a circle, a b|b c|c a, joints[2]",
    "an island, a b, joints",
    "into nothing, a b|b x, joints[1]",
    "to itself, a a|b c, joints[0]"
  })
  void whatIsNoRhizomeIsRefused(String what, String joints, String field) {
    var growths = List.of(firm("a", 1), firm("b", 1), firm("c", 1));
    var told =
        List.of(joints.split("\\|")).stream()
            .map(each -> each.split(" "))
            .map(ends -> new Joint(ends[0], ends[1], false))
            .toList();
    assertThatThrownBy(() -> new RhizomeMap(growths, told))
        .isInstanceOfSatisfying(
            Refused.class, refused -> assertThat(refused.field().key()).isEqualTo(field));
  }

  @Test
  void twoGrowthsOfOneNameAreRefused() {
    assertThatThrownBy(() -> row(firm("a", 1), firm("a", 1)))
        .hasMessage("Each growth needs a name of its own.");
  }
}
