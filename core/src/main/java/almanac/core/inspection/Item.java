package almanac.core.inspection;

import almanac.core.Refused;
import almanac.core.figures.Figure;
import almanac.core.figures.Figures;
import almanac.core.medium.Piece;
import almanac.core.roots.RootFigures;
import almanac.core.roots.RootStage;
import almanac.core.words.Answer;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is looked at, with its possible answers. The order of {@link #inLookingOrder} is
 * the order in which growers look.
 *
 * @param <A> its answers
 */
public final class Item<A extends Enum<A> & Answer> {
  public static final Item<Bloom> BLOOM =
      new Item<>(
          "bloom", "Bloom", "Spikes, buds, flowers", Bloom.class, InspectionFigures.BLOOM, null);
  public static final Item<Stability> STABILITY =
      new Item<>(
          "stability",
          "How it stands",
          "Hold the base and rock it gently",
          Stability.class,
          InspectionFigures.STABILITY,
          null);
  public static final Item<RootStage> NEW_ROOTS =
      new Item<>(
          "newRoots",
          "Newest roots",
          "At the base of the newest growth",
          RootStage.class,
          InspectionFigures.NEW_ROOTS_GROWING,
          "longest");
  public static final Item<RootsInPot> ROOTS_IN_POT =
      new Item<>(
          "rootsInPot",
          "Roots in the pot",
          "Squeeze one: firm is alive, soft or hollow is dead",
          RootsInPot.class,
          InspectionFigures.ROOTS_IN_POT,
          null);
  public static final Item<Piece> MEDIUM_PIECE =
      new Item<>(
          "mediumPiece",
          "Medium piece",
          "Take one from under the surface and press it",
          Piece.class,
          InspectionFigures.MEDIUM_PIECE,
          null);

  private static final List<Item<?>> IN_LOOKING_ORDER =
      List.of(BLOOM, STABILITY, NEW_ROOTS, ROOTS_IN_POT, MEDIUM_PIECE);

  private final String key;
  private final String name;
  private final String how;
  private final Class<A> answers;
  private final Figure holdsGood;
  private final @Nullable String measured;

  private Item(
      String key,
      String name,
      String how,
      Class<A> answers,
      Figure holdsGood,
      @Nullable String measured) {
    this.key = key;
    this.name = name;
    this.how = how;
    this.answers = answers;
    this.holdsGood = holdsGood;
    this.measured = measured;
  }

  /** Everything that is looked at, from above the pot down into it. */
  public static List<Item<?>> inLookingOrder() {
    return IN_LOOKING_ORDER;
  }

  /** The item kept under that key, if there is one. */
  public static Optional<Item<?>> named(String key) {
    return IN_LOOKING_ORDER.stream().filter(item -> item.key.equals(key)).findFirst();
  }

  /** The name under which it is kept. */
  public String key() {
    return key;
  }

  /** As a heading. */
  public String title() {
    return name;
  }

  /** How to look. */
  public String how() {
    return how;
  }

  /** How many days a look speaks for the plant. */
  public Figure holdsGood() {
    return holdsGood;
  }

  /** Its possible answers. */
  public List<A> answers() {
    return Arrays.asList(answers.getEnumConstants());
  }

  /** What a length in mm would measure here, if anything is measured. */
  public Optional<String> measured() {
    return Optional.ofNullable(measured);
  }

  /**
   * What was found, checked for sense.
   *
   * @param answer the name of an answer; null if only a length was taken
   * @param mm the length that goes with it, mm; null if none was taken
   * @throws Refused naming the field, if the answer is unknown, the length makes no sense, or the
   *     two contradict each other
   */
  public Finding<A> found(@Nullable String answer, @Nullable Double mm, Figures figures) {
    if (mm != null) {
      refuseLength(mm, figures);
    }
    if (answer == null) {
      if (mm == null) {
        throw new Refused(field(), name + ": say what you saw, or leave it as not looked at.");
      }
      return new Finding<>(fromLength(mm, figures), OptionalDouble.of(mm));
    }
    var known =
        answer(answer)
            .orElseThrow(
                () ->
                    new Refused(
                        field(),
                        "%s: “%s” is not an answer here. It can be %s."
                            .formatted(
                                name,
                                answer.length() > 40 ? answer.substring(0, 40) + "…" : answer,
                                String.join(", ", answers().stream().map(A::name).toList()))));
    if (mm != null) {
      refuseContradiction(known, mm, figures);
    }
    return new Finding<>(known, mm == null ? OptionalDouble.empty() : OptionalDouble.of(mm));
  }

  /**
   * A finding as it was kept; what made sense when it was written down is not questioned again.
   *
   * @throws IllegalArgumentException if there is no such answer
   */
  public Finding<A> kept(String answer, @Nullable Double mm) {
    var known = answer(answer).orElseThrow(() -> new IllegalArgumentException(answer));
    return new Finding<>(known, mm == null ? OptionalDouble.empty() : OptionalDouble.of(mm));
  }

  private Optional<A> answer(String name) {
    return answers().stream().filter(each -> each.name().equals(name)).findFirst();
  }

  private void refuseLength(double mm, Figures figures) {
    if (measured == null) {
      throw new Refused(lengthField(), name + " is not measured in mm.");
    }
    double most = figures.of(InspectionFigures.LENGTH_MOST);
    if (!(mm > 0 && mm <= most)) {
      throw new Refused(
          lengthField(), "%s: a length lies above 0 and up to %.0f mm.".formatted(name, most));
    }
  }

  /** Only roots are measured without an answer: their length is their stage. */
  private A fromLength(double mm, Figures figures) {
    return answers.cast(RootStage.ofLength(mm, figures));
  }

  private void refuseContradiction(A answer, double mm, Figures figures) {
    if (!(answer instanceof RootStage stage)) {
      return;
    }
    if (!stage.measurable()) {
      throw new Refused(
          lengthField(),
          "%s: “%s” has no root to measure, but a length of %s mm is given."
              .formatted(name, stage.words(), plain(mm)));
    }
    double overlap = figures.of(RootFigures.OVERLAP);
    if (RootStage.ofLength(mm - overlap, figures) != stage
        && RootStage.ofLength(mm, figures) != stage
        && RootStage.ofLength(mm + overlap, figures) != stage) {
      throw new Refused(
          lengthField(),
          "%s: a root of %s mm is “%s”, not “%s”."
              .formatted(name, plain(mm), RootStage.ofLength(mm, figures).words(), stage.words()));
    }
  }

  private static String plain(double mm) {
    return mm == Math.rint(mm) ? String.valueOf((long) mm) : String.valueOf(mm);
  }

  private String field() {
    return "looks." + key;
  }

  private String lengthField() {
    return field() + ".mm";
  }

  @Override
  public String toString() {
    return key;
  }
}
