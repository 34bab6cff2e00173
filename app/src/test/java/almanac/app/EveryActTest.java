package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.record.collection.Keeping;
import almanac.app.record.collection.Plants;
import almanac.app.record.journal.NewAct;
import almanac.app.start.RunningApplication;
import almanac.core.checks.CheckAnswer;
import almanac.core.checks.CheckName;
import almanac.core.checks.Purpose;
import almanac.core.history.Act;
import almanac.core.history.Aid;
import almanac.core.history.Aim;
import almanac.core.history.Approach;
import almanac.core.history.Arrival;
import almanac.core.history.Booking;
import almanac.core.history.Fate;
import almanac.core.history.Happening;
import almanac.core.history.Line;
import almanac.core.history.Names;
import almanac.core.history.Origin;
import almanac.core.history.Outcome;
import almanac.core.history.PlantStatus;
import almanac.core.history.Potting;
import almanac.core.history.Stand;
import almanac.core.history.Way;
import almanac.core.history.Wish;
import almanac.core.inspection.Fix;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.inspection.Pests;
import almanac.core.kinds.Branching;
import almanac.core.kinds.Trait;
import almanac.core.kinds.Traits;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.pot.Pot;
import almanac.core.pot.PotType;
import almanac.core.pot.Spot;
import almanac.core.rhizome.Firmness;
import almanac.core.rhizome.Front;
import almanac.core.rhizome.Joint;
import almanac.core.rhizome.MapGrowth;
import almanac.core.rhizome.RhizomeMap;
import almanac.core.roots.RootStage;
import almanac.core.stock.Draw;
import almanac.core.tally.RootFate;
import almanac.core.tally.RootTally;
import almanac.core.treatments.Course;
import almanac.core.treatments.Foe;
import almanac.core.trials.Against;
import almanac.core.trials.OnTrial;
import almanac.core.trials.Trial;
import almanac.core.trials.Tried;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every kind of happening is written, read again as it was, and taken back; then the whole page of
 * every plant concerned is as it was before.
 */
class EveryActTest {
  @RegisterExtension static final RunningApplication APP = RunningApplication.withDemo();

  private static final LocalDate TODAY = RunningApplication.TODAY;
  private static final String HELD = "Miltoniopsis Market Day";
  private static final String APART = "Oncidium Penny Post";
  private static final String MOVED = "Catasetum Old Winch";
  private static final String ANY = "Brassia Lock Keeper";
  private static final Course COURSE = new Course(new UUID(7, 7), "Soap spray", Foe.PESTS, 7, 3);
  private static final Trial TRIAL =
      new Trial(
          new UUID(7, 8),
          "Charcoal in the bark",
          Tried.MEDIUM,
          Against.OTHER_HALF,
          List.of(Items.LEAVES, Items.NEWEST_SIZE),
          TODAY.minusDays(30),
          TODAY.plusDays(170));
  private static final Booking RIPE =
      new Booking(new UUID(3, 3), true, "Is this growth ripe?", TODAY.plusDays(20), 4);
  private static final String OTHER = "Encyclia Cordwain";

  /** What only an older version of the program has brought about; it stays. */
  private static final Set<Class<?>> OF_OLD =
      Set.of(Happening.TakenOver.class, Happening.Recounted.class);

  /** One act, by the names of the plants. */
  record Deed(Map<String, List<Happening>> happenings) {
    static Deed on(String plant, Happening... happenings) {
      return new Deed(Map.of(plant, List.of(happenings)));
    }

    Deed and(String plant, Happening... more) {
      var all = new LinkedHashMap<>(happenings);
      all.put(plant, List.of(more));
      return new Deed(all);
    }

    NewAct act() {
      var byId = new LinkedHashMap<Long, List<Happening>>();
      happenings.forEach((name, each) -> byId.put(id(name), each));
      return NewAct.of(TODAY, byId);
    }

    Stream<Happening> all() {
      return happenings.values().stream().flatMap(List::stream);
    }
  }

  private static final Map<String, Long> IDS = new LinkedHashMap<>();

  /** A plant keeps its number, whatever it is called by an act. */
  private static long id(String name) {
    return IDS.computeIfAbsent(name, EveryActTest::find);
  }

  private static long find(String name) {
    return APP.bean(Plants.class).everybody().stream()
        .filter(plant -> plant.name().equals(name))
        .findFirst()
        .orElseThrow()
        .id();
  }

  private static Happening.Potted potted() {
    return new Happening.Potted(
        new Potting(
            PottedOn.on(TODAY),
            TODAY,
            Mix.of(Component.LAVA).and(Component.PERLITE, 2),
            Moisture.KEPT_MOIST),
        new Pot(PotType.CLAY, 130.0, 110.0, "moss"),
        true);
  }

  private static Happening.Inspected inspected() {
    return new Happening.Inspected(
        Inspection.on(TODAY)
            .with(Items.PESTS, Items.PESTS.saw(Pests.NONE))
            .with(Items.NEW_ROOTS, Lead.FIRST, Items.NEW_ROOTS.saw(RootStage.NUB)));
  }

  static Stream<Deed> deeds() {
    return Stream.of(
        Deed.on(ANY, potted()),
        Deed.on(
            ANY,
            potted(),
            new Happening.Worked(
                RootTally.EMPTY
                    .and(RootFate.FIRM_KEPT, 9)
                    .andAbout(30, RootFate.TIP_BROKEN, 2, RootFate.FIRM_KEPT),
                35,
                "came out whole",
                "the lead was knocked",
                Way.WHOLE)),
        Deed.on(
            ANY,
            new Happening.Mapped(
                new RhizomeMap(
                    List.of(
                        new MapGrowth("1", Firmness.WRINKLED, 4, false, Front.SPENT),
                        new MapGrowth(
                            "2", Firmness.FIRM, 2, true, Front.LEAD, new Spot(3.5, -20), 200.0)),
                    List.of(new Joint("1", "2", true))))),
        Deed.on(
            ANY,
            potted(),
            new Happening.Drew(
                List.of(
                    new Draw(UUID.randomUUID(), 1, false, "clear pot"),
                    new Draw(UUID.randomUUID(), -250, true, "pumice")))),
        Deed.on(HELD, potted()),
        Deed.on(HELD, inspected()),
        Deed.on(APART, inspected()),
        Deed.on(
            MOVED,
            new Happening.Checked(
                new CheckName(Purpose.ROOT_TIPS, TODAY.minusDays(26)), CheckAnswer.NOT_AS_HOPED)),
        Deed.on(ANY, new Happening.Numbered("99-1a")),
        Deed.on(
            ANY,
            new Happening.Named(
                new Names("Brassia Other", "Brassia True", "Brassia", "green, spidery, no scent"))),
        Deed.on(
            ANY,
            new Happening.OfKind(
                "vanda",
                Traits.NONE
                    .with(Trait.BRANCHING, Branching.NO)
                    .with(Trait.MOISTURE, Moisture.DRIES_RIGHT_OUT)
                    .with(Trait.LEAST_GROWTHS, 4)
                    .with(Trait.RHIZOME_STEP_MM, 12.5)
                    .with(Trait.NIGHT_LEAST, 9.0)
                    .with(Trait.ROOTS_HIDDEN, true))),
        Deed.on(ANY, new Happening.Moved(new Stand(3, 0.5))),
        Deed.on(
            ANY,
            new Happening.Came(
                new Origin(
                    Optional.of(new Arrival(TODAY.minusYears(4), true)), "a", "b", "c × d"))),
        Deed.on(ANY, new Happening.Wanted(new Wish(Aim.DIVIDE, Approach.FRESH_START))),
        Deed.on(ANY, new Happening.Noted("A note; with “signs” and a\nnew line")),
        Deed.on(ANY, new Happening.Became(new Fate(PlantStatus.LOST, "frost"))),
        Deed.on(ANY, new Happening.Held(TODAY.minusDays(3))),
        Deed.on(HELD, new Happening.Freed()),
        Deed.on(ANY, new Happening.SetAside(TODAY.minusDays(1))),
        Deed.on(ANY, new Happening.SetAside(TODAY), new Happening.TakenBack()),
        Deed.on(
            ANY,
            new Happening.PutOff(
                new CheckName(Purpose.AS_JUDGED, TODAY), TODAY.plusDays(9), "Away until then")),
        Deed.on(ANY, new Happening.CourseBegun(COURSE, TODAY), new Happening.KeptApart(TODAY))
            .and(OTHER, new Happening.Beside(COURSE, TODAY)),
        Deed.on(ANY, new Happening.TrialBegun(new OnTrial(TRIAL, OnTrial.Side.TRIED, 1)))
            .and(OTHER, new Happening.TrialBegun(new OnTrial(TRIAL, OnTrial.Side.AGAINST, 1))),
        Deed.on(ANY, new Happening.TrialEnded(TRIAL.uid(), "It dries a day sooner.")),
        Deed.on(ANY, new Happening.Treated(COURSE.uid(), TODAY)),
        Deed.on(ANY, new Happening.CourseEnded(COURSE.uid())),
        Deed.on(ANY, new Happening.KeptApart(TODAY.minusDays(2))),
        Deed.on(APART, new Happening.LetIn()),
        Deed.on(ANY, new Happening.Fixed(Fix.TOP_UP, TODAY)),
        Deed.on(ANY, new Happening.Asked("dark covers")),
        Deed.on(ANY, new Happening.Booked(RIPE)),
        Deed.on(ANY, new Happening.OutcomeSaid(TODAY.minusDays(200), Outcome.SET_BACK)),
        Deed.on(ANY, new Happening.OutcomeSaid(TODAY.minusDays(200), null)),
        Deed.on(ANY, new Happening.Aided(Aid.ROOTING_DIP, "willow water")),
        Deed.on(ANY, new Happening.Booked(RIPE), new Happening.Unbooked(RIPE.uid())),
        Deed.on(ANY, new Happening.Asked("dark covers"), new Happening.Done("dark covers")),
        Deed.on(ANY, new Happening.PartedFrom(1L)).and(OTHER, new Happening.Divided(2)),
        Deed.on(ANY, new Happening.InPotOf(2L)).and(OTHER, new Happening.TookIn(1)),
        Deed.on(ANY, new Happening.SetAside(TODAY), potted()),
        Deed.on(ANY, new Happening.SetAside(TODAY)).and(OTHER, new Happening.SetAside(TODAY)),
        Deed.on(ANY, new Happening.Recounted("Moved from an old shelf")),
        Deed.on(ANY, new Happening.TakenOver(), new Happening.Noted("As it stood")));
  }

  @ParameterizedTest
  @MethodSource("deeds")
  void isReadAsItWasWrittenAndTakenBackWhole(Deed deed) throws Exception {
    var before = pages(deed);
    var act = APP.bean(Keeping.class).write(deed.act(), TODAY).act();
    var after = pages(deed);
    assertThat(after).isNotEqualTo(before);

    APP.bean(Plants.class).forget();
    deed.happenings()
        .forEach((name, happenings) -> assertThat(written(name, act)).isEqualTo(happenings));
    assertThat(pages(deed)).as("read anew").isEqualTo(after);

    var undone = APP.post("/api/acts/%s/withdrawal".formatted(act.uid()), "");
    if (deed.all().anyMatch(each -> OF_OLD.contains(each.getClass()))) {
      assertThat(undone.status()).isEqualTo(409);
      return;
    }
    assertThat(undone.status()).as("%s", undone.body()).isEqualTo(201);
    assertThat(without(pages(deed), act)).isEqualTo(before);

    APP.post("/api/acts/%s/withdrawal".formatted(undone.body().path("act").asString()), "");
    assertThat(pages(deed)).as("and put back").isEqualTo(after);
    APP.post("/api/acts/%s/withdrawal".formatted(act.uid()), "");
  }

  private static List<Happening> written(String name, Act act) {
    return APP.bean(Plants.class).one(id(name)).plant().journal().lines().stream()
        .filter(line -> line.act().uid().equals(act.uid()))
        .map(Line::happening)
        .toList();
  }

  private static List<JsonNode> pages(Deed deed) throws Exception {
    var pages = new ArrayList<JsonNode>();
    for (var name : deed.happenings().keySet()) {
      pages.add(APP.get("/api/plants/" + id(name)).body());
    }
    return pages;
  }

  /** The pages without the lines of an act, each of which must say that it was taken back. */
  private static List<JsonNode> without(List<JsonNode> pages, Act act) {
    for (var page : pages) {
      var others = ((ObjectNode) page).arrayNode();
      for (var line : page.path("journal")) {
        if (line.path("act").asString().equals(act.uid().toString())) {
          assertThat(line.path("standing").asString()).isEqualTo("TAKEN_BACK");
        } else {
          others.add(line);
        }
      }
      ((ObjectNode) page).set("journal", others);
    }
    return pages;
  }

  @Test
  void everyKindOfHappeningIsTriedHere() {
    var tried = deeds().flatMap(Deed::all).map(Object::getClass).collect(Collectors.toSet());
    tried.add(Happening.Withdrawn.class);
    assertThat(tried)
        .containsExactlyInAnyOrder(
            Stream.of(Happening.OfPlant.class, Happening.OfCollection.class)
                .flatMap(each -> Arrays.stream(each.getPermittedSubclasses()))
                .toArray(Class<?>[]::new));
  }

  private static JsonNode add(String label, String more) throws Exception {
    var added =
        APP.post(
            "/api/plants",
            """
            {"label":"%s","kind":"oncidium","placeId":1,"pottedOn":"2027-05",
             "mix":[{"component":"BARK_FINE","parts":1}]%s}"""
                .formatted(label, more));
    assertThat(added.status()).as("%s", added.body()).isEqualTo(201);
    return added.body();
  }

  @Test
  void aDivisionIsOneActOnTwoPlants() throws Exception {
    var mother = Deed.on(OTHER);
    var before = pages(mother);
    var added = add("Encyclia Small Cordwain", ",\"motherId\":" + id(OTHER));
    long daughter = added.path("plant").path("id").asLong();
    assertThat(added.path("plant").path("card").path("mother").path("id").asLong())
        .isEqualTo(id(OTHER));
    var told = pages(mother).get(0);
    assertThat(told.path("card").path("daughters").path(0).path("id").asLong()).isEqualTo(daughter);
    assertThat(RunningApplication.words(told.path("journal").path(0)))
        .startsWith("A division was taken: ")
        .endsWith("Encyclia Small Cordwain");

    var undo = "/api/acts/%s/withdrawal".formatted(added.path("act").asString());
    var undone = APP.post(undo, "");
    assertThat(undone.status()).as("%s", undone.body()).isEqualTo(201);
    assertThat(APP.get("/api/plants/" + daughter).status()).isEqualTo(404);
    assertThat(pages(mother).get(0).path("card")).isEqualTo(before.get(0).path("card"));

    var again =
        APP.post("/api/acts/%s/withdrawal".formatted(undone.body().path("act").asString()), "");
    assertThat(again.status()).as("%s", again.body()).isEqualTo(201);
    var back = APP.get("/api/plants/" + daughter).body();
    assertThat(back).isEqualTo(added.path("plant"));
    APP.post(undo, "");
  }

  @Test
  void aPlantThatIsTakenBackLeavesItsNumberToTheNext() throws Exception {
    var first = add("Oncidium Slip of the Pen", "");
    var undone =
        APP.post("/api/acts/%s/withdrawal".formatted(first.path("act").asString()), "").body();
    assertThat(undone.path("plant").isNull()).isTrue();
    var second = add("Oncidium Right One", "");
    assertThat(second.path("plant").path("card").path("number"))
        .isEqualTo(first.path("plant").path("card").path("number"));
    assertThat(
            APP.post("/api/acts/%s/withdrawal".formatted(undone.path("act").asString()), "")
                .status())
        .as("the number is taken by now")
        .isEqualTo(409);
    APP.post("/api/acts/%s/withdrawal".formatted(second.path("act").asString()), "");
  }

  @Test
  void aCorrectedPottingLeavesWhatElseWasSaidAtTheTime() throws Exception {
    var added = add("Oncidium Told at Once", ",\"cameFrom\":\"a stall\",\"held\":true");
    var plant = added.path("plant");
    var corrected =
        APP.post(
            "/api/plants/%d/repots".formatted(plant.path("id").asLong()),
            """
            {"on":"2027-05-15","pottedOn":"2024","mix":[{"component":"TREE_FERN","parts":1}],
             "corrects":"%s"}"""
                .formatted(added.path("act").asString()));
    assertThat(corrected.status()).as("%s", corrected.body()).isEqualTo(201);
    var page = corrected.body().path("plant");
    assertThat(page.path("card")).isEqualTo(plant.path("card"));
    assertThat(page.path("potting").path("pottedOn").asString()).isEqualTo("2024");
    var undone =
        APP.post("/api/acts/%s/withdrawal".formatted(corrected.body().path("act").asString()), "");
    assertThat(undone.body().path("plant").path("potting")).isEqualTo(plant.path("potting"));
    assertThat(undone.body().path("plant").path("card")).isEqualTo(plant.path("card"));
  }

  @Test
  void aPlaceThatIsGoneIsStillNamedAndNobodyIsPutBackThere() throws Exception {
    var place = APP.post("/api/places", "{\"name\":\"Wash house step\"}").body().path("id");
    var there =
        APP.put(
            "/api/places/%d/plants".formatted(place.asLong()),
            "{\"plants\":[%d]}".formatted(id(OTHER)));
    var back = APP.put("/api/places/1/plants", "{\"plants\":[%d]}".formatted(id(OTHER)));
    assertThat(APP.delete("/api/places/" + place.asLong()).status()).isEqualTo(204);
    assertThat(
            pages(Deed.on(OTHER))
                .get(0)
                .path("journal")
                .valueStream()
                .map(RunningApplication::words))
        .contains("Moved from Wash house step to Sunroom, low stage");
    var undone =
        APP.post("/api/acts/%s/withdrawal".formatted(back.body().path("act").asString()), "");
    assertThat(undone.status()).isEqualTo(409);
    assertThat(undone.body().path("detail").asString()).contains("is gone");
    assertThat(there.status()).isEqualTo(200);
  }
}
