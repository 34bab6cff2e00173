package almanac.core.judgement;

import almanac.core.figures.Figures;
import almanac.core.history.Aim;
import almanac.core.history.Arrival;
import almanac.core.history.Event;
import almanac.core.history.Happening;
import almanac.core.history.PlantHistory;
import almanac.core.history.Potting;
import almanac.core.inspection.Finding;
import almanac.core.inspection.Inspection;
import almanac.core.inspection.Item;
import almanac.core.inspection.Items;
import almanac.core.inspection.Lead;
import almanac.core.judgement.evidence.Situation;
import almanac.core.judgement.verdict.Judge;
import almanac.core.judgement.verdict.Judgement;
import almanac.core.kinds.Kind;
import almanac.core.kinds.StandardKinds;
import almanac.core.medium.Component;
import almanac.core.medium.Mix;
import almanac.core.medium.Moisture;
import almanac.core.medium.PottedOn;
import almanac.core.medium.Temperatures;
import almanac.core.season.Conditions;
import almanac.core.season.LightYear;
import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** A plant for a test, told as a grower tells it. */
public final class PlantAtHand {
  public static final LocalDate MAY = LocalDate.of(2027, 5, 15);
  public static final LocalDate DECEMBER = LocalDate.of(2027, 12, 10);
  private static final LightYear CANAL = LightYear.at(56);
  private static final LightYear SOUTH = LightYear.at(-34);

  private LightYear light = CANAL;

  private final Kind kind;
  private final LocalDate today;
  private final List<Event> events = new ArrayList<>();
  private OptionalDouble lampHours = OptionalDouble.empty();
  private Optional<Temperatures> means = Optional.empty();
  private Optional<Arrival> arrival = Optional.empty();
  private Aim aim = Aim.AS_IT_COMES;
  private LocalDate lookedOn;

  private PlantAtHand(Kind kind, LocalDate today) {
    this.kind = kind;
    this.today = today;
    this.lookedOn = today;
  }

  public static PlantAtHand of(String kind) {
    return of(kind, MAY);
  }

  public static PlantAtHand of(String kind, LocalDate today) {
    return new PlantAtHand(StandardKinds.named(kind).orElseThrow(), today);
  }

  public PlantAtHand inTheSouth() {
    light = SOUTH;
    return this;
  }

  public PlantAtHand underLights() {
    lampHours = OptionalDouble.of(14);
    return this;
  }

  public PlantAtHand atAMeanOf(double degrees) {
    means = Optional.of(Temperatures.steady(degrees));
    return this;
  }

  public PlantAtHand arrived(int monthsAgo) {
    arrival = Optional.of(new Arrival(today.minusMonths(monthsAgo), false));
    return this;
  }

  public PlantAtHand arrivedRootless(int monthsAgo) {
    arrival = Optional.of(new Arrival(today.minusMonths(monthsAgo), true));
    return this;
  }

  public PlantAtHand aim(Aim wanted) {
    aim = wanted;
    return this;
  }

  /** Potted so many months ago in a medium of 24 months that dries between waterings. */
  public PlantAtHand potted(int monthsAgo) {
    return potted(monthsAgo, Mix.of(Component.BARK_MEDIUM));
  }

  public PlantAtHand potted(int monthsAgo, Mix mix) {
    var day = today.minusMonths(monthsAgo);
    return potted(PottedOn.on(day), day, mix);
  }

  public PlantAtHand pottedOn(LocalDate day) {
    return potted(PottedOn.on(day), day, Mix.of(Component.BARK_MEDIUM));
  }

  public PlantAtHand potted(PottedOn on, LocalDate knownSince, Mix mix) {
    events.add(new Happening.Potted(new Potting(on, knownSince, mix, Moisture.DRIES_BETWEEN)));
    return this;
  }

  /** From here on, what is seen was seen so many days ago. */
  public PlantAtHand daysAgo(int days) {
    lookedOn = today.minusDays(days);
    return this;
  }

  public <A extends Enum<A> & Answer> PlantAtHand saw(Item<A> item, A answer) {
    return saw(item, item.saw(answer));
  }

  public PlantAtHand rootsOf(double mm) {
    return saw(Items.NEW_ROOTS, Items.NEW_ROOTS.found(List.of(), mm, Figures.standard()));
  }

  public <A extends Enum<A> & Answer> PlantAtHand measured(Item<A> item, double value) {
    return saw(item, item.found(List.of(), value, Figures.standard()));
  }

  public <A extends Enum<A> & Answer> PlantAtHand saw(Item<A> item, Lead lead, A answer) {
    return saw(item, lead, item.saw(answer));
  }

  public <A extends Enum<A> & Answer> PlantAtHand measured(Item<A> item, Lead lead, double value) {
    return saw(item, lead, item.found(List.of(), value, Figures.standard()));
  }

  private <A extends Enum<A> & Answer> PlantAtHand saw(Item<A> item, Finding<A> finding) {
    return saw(item, Lead.FIRST, finding);
  }

  private <A extends Enum<A> & Answer> PlantAtHand saw(
      Item<A> item, Lead lead, Finding<A> finding) {
    events.add(new Happening.Inspected(Inspection.on(lookedOn).with(item, lead, finding)));
    return this;
  }

  public Situation situation() {
    return new Situation(
        today,
        kind,
        PlantHistory.of(events),
        new Conditions(light, lampHours, means),
        arrival,
        aim,
        Optional.empty());
  }

  /** What is known of a plant, asked on another day. */
  public static Situation on(Situation known, LocalDate day) {
    return new Situation(
        day,
        known.kind(),
        known.history(),
        known.conditions(),
        known.arrival(),
        known.aim(),
        known.rootSpeed());
  }

  public Judgement judged() {
    return judged(Figures.standard());
  }

  public Judgement judged(Figures figures) {
    return new Judge(figures).judge(situation());
  }
}
