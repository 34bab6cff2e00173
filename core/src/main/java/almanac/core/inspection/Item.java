package almanac.core.inspection;

import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.words.Answer;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is looked at, with its possible answers; all of them stand in {@link Items}.
 *
 * @param <A> its answers
 */
public final class Item<A extends Enum<A> & Answer> {
  private final Section section;
  private final String key;
  private final String title;
  private final String how;
  private final Class<A> answers;
  private final List<A> answerList;
  private final Figure holdsGood;
  private final LookSpot spot = new LookSpot(this, Lead.FIRST);
  private @Nullable Measurement measurement;
  private boolean several;
  private boolean inThisPot;
  private boolean ofALead;
  private boolean inPassing;
  private int place;

  Item(Section section, String key, String title, String how, Class<A> answers, Figure holdsGood) {
    this.section = section;
    this.key = key;
    this.title = title;
    this.how = how;
    this.answers = answers;
    this.answerList = List.of(answers.getEnumConstants());
    this.holdsGood = holdsGood;
  }

  /** The same at its place in the looking order. */
  Item<A> at(int place) {
    this.place = place;
    return this;
  }

  Item<A> measured(Measurement what) {
    measurement = what;
    return this;
  }

  Item<A> several() {
    several = true;
    return this;
  }

  Item<A> perLead() {
    ofALead = true;
    return this;
  }

  Item<A> inThisPot() {
    inThisPot = true;
    return this;
  }

  Item<A> seenInPassing() {
    inPassing = true;
    return this;
  }

  /** Where in the look over a plant it comes. */
  public Section section() {
    return section;
  }

  /** The name under which it is kept. */
  public String key() {
    return key;
  }

  /** As a heading. */
  public String title() {
    return title;
  }

  /** How to look. */
  public String how() {
    return how;
  }

  /** How many days a look speaks for the plant. */
  public Figure holdsGood() {
    return holdsGood;
  }

  /** Whether several answers may hold at once. */
  public boolean takesSeveral() {
    return several;
  }

  /** Whether a look speaks only for the pot it was made in; a move makes it void. */
  public boolean ofThisPot() {
    return inThisPot;
  }

  /** Whether each lead has its own. */
  public boolean ofALead() {
    return ofALead;
  }

  /** Its place in the looking order, from 0. */
  public int place() {
    return place;
  }

  /** One bit for each item, so that many can be looked for at once. */
  public long bit() {
    return 1L << place;
  }

  /** Whether nobody can pass by without seeing it; only that may be said to be as last time. */
  public boolean inPassing() {
    return inPassing;
  }

  /** Its possible answers; none for what is only measured. */
  public List<A> answers() {
    return answerList;
  }

  /** What is measured here, if anything is. */
  public Optional<Measurement> measurement() {
    return Optional.ofNullable(measurement);
  }

  /** The thing itself, on the first lead. */
  LookSpot spot() {
    return spot;
  }

  /** One plain answer, such as a test or a question of what would follow uses it. */
  public Finding<A> saw(A answer) {
    return new Finding<>(Set.of(answer), OptionalDouble.empty());
  }

  /**
   * What was found, checked for sense.
   *
   * @param names the names of answers; none if only a measure was taken
   * @param measured the measure that goes with them; null if none was taken
   * @throws almanac.core.refusals.Refused naming the field, if an answer is unknown, the measure
   *     makes no sense, or they contradict each other
   */
  public Finding<A> found(Collection<String> names, @Nullable Double measured, Figures figures) {
    return found(Lead.FIRST, names, measured, figures);
  }

  /** The same on one of several leads, whose letter the fields then name. */
  public Finding<A> found(
      Lead lead, Collection<String> names, @Nullable Double measured, Figures figures) {
    return new EnteredLook<>(this, lead).checked(names, measured, figures);
  }

  /**
   * A finding as it was kept; what made sense when it was written down is not questioned again.
   *
   * @throws IllegalArgumentException if there is no such answer
   */
  public Finding<A> kept(Collection<String> names, @Nullable Double measured) {
    return finding(
        names.stream().map(name -> Enum.valueOf(answers, name)).collect(Collectors.toSet()),
        measured);
  }

  Finding<A> finding(Set<A> found, @Nullable Double measured) {
    return new Finding<>(
        Set.copyOf(found), measured == null ? OptionalDouble.empty() : OptionalDouble.of(measured));
  }

  /** The answer of that name, if it is one. */
  Optional<A> answer(String name) {
    return answers().stream().filter(each -> each.name().equals(name)).findFirst();
  }

  /** The type of its answers, for those that treat one kind of answer in their own way. */
  Set<A> cast(Enum<?> answer) {
    return Set.of(answers.cast(answer));
  }

  @Override
  public String toString() {
    return key;
  }
}
