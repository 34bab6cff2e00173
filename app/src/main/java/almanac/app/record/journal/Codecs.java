package almanac.app.record.journal;

import static almanac.core.words.Sentence.say;

import almanac.core.history.Happening;
import almanac.core.history.Happening.Asked;
import almanac.core.history.Happening.Beside;
import almanac.core.history.Happening.CourseBegun;
import almanac.core.history.Happening.CourseEnded;
import almanac.core.history.Happening.Divided;
import almanac.core.history.Happening.Done;
import almanac.core.history.Happening.Freed;
import almanac.core.history.Happening.Held;
import almanac.core.history.Happening.InPotOf;
import almanac.core.history.Happening.KeptApart;
import almanac.core.history.Happening.LetIn;
import almanac.core.history.Happening.PartedFrom;
import almanac.core.history.Happening.SetAside;
import almanac.core.history.Happening.TakenBack;
import almanac.core.history.Happening.TakenOver;
import almanac.core.history.Happening.TookIn;
import almanac.core.history.Happening.Treated;
import almanac.core.history.Happening.Withdrawn;
import almanac.core.words.Measure;
import almanac.core.words.Sentence;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/** The codec of each kind of happening. */
public final class Codecs {
  private static final List<Codec<?>> ALL =
      List.of(
          new PottedCodec(),
          new InspectedCodec(),
          new WorkedCodec(),
          new MappedCodec(),
          new DrewCodec(),
          new CheckedCodec(),
          new PutOffCodec(),
          new FixedCodec(),
          new TaskCodec<>("ASKED", Asked.class, Asked::new, Asked::task, "To be done: {}"),
          new TaskCodec<>("DONE", Done.class, Done::new, Done::task, "Done: {}"),
          new AidedCodec(),
          new BookedCodec(),
          new UnbookedCodec(),
          new OutcomeSaidCodec(),
          new TrialBegunCodec(),
          new TrialEndedCodec(),
          new CourseCodec<>(
              "COURSE_BEGUN",
              CourseBegun.class,
              CourseBegun::new,
              CourseBegun::course,
              course ->
                  say(
                      "Treatment against {} begun: {}, {} treatments, {} apart",
                      course.foe().words(),
                      course.product(),
                      Measure.COUNT.of(course.times()),
                      Measure.DAYS.of(course.every()))),
          new CourseCodec<>(
              "BESIDE",
              Beside.class,
              Beside::new,
              Beside::course,
              course -> say("Stands beside one that is treated against {}", course.foe().words())),
          new CourseStepCodec<>("TREATED", Treated.class, Treated::new, Treated::course, "Treated"),
          new CourseStepCodec<>(
              "COURSE_ENDED",
              CourseEnded.class,
              (course, on) -> new CourseEnded(course),
              CourseEnded::course,
              "Treatment ended"),
          new BareCodec<>("WITHDRAWN", Withdrawn.class, new Withdrawn(), ""),
          new NumberedCodec(),
          new NamedCodec(),
          new OfKindCodec(),
          new MovedCodec(),
          new CameCodec(),
          new WantedCodec(),
          new NotedCodec(),
          new BecameCodec(),
          new SinceCodec<>(
              "HELD", Held.class, Held::new, Held::since, "Held in the pot it came in"),
          new BareCodec<>("FREED", Freed.class, new Freed(), "No longer held in its pot"),
          new SinceCodec<>(
              "SET_ASIDE",
              SetAside.class,
              SetAside::new,
              SetAside::since,
              "Pulled aside for the bench"),
          new BareCodec<>("TAKEN_BACK", TakenBack.class, new TakenBack(), "Put back"),
          new SinceCodec<>(
              "KEPT_APART",
              KeptApart.class,
              KeptApart::new,
              KeptApart::since,
              "Kept apart from the others"),
          new BareCodec<>("LET_IN", LetIn.class, new LetIn(), "No longer kept apart"),
          new KinCodec<>(
              "PARTED_FROM",
              PartedFrom.class,
              PartedFrom::new,
              PartedFrom::mother,
              "Divided from {}",
              "Not divided from another plant"),
          new KinCodec<>(
              "DIVIDED",
              Divided.class,
              daughter -> new Divided(Objects.requireNonNull(daughter)),
              Divided::daughter,
              "A division was taken: {}",
              ""),
          new KinCodec<>(
              "IN_POT_OF",
              InPotOf.class,
              InPotOf::new,
              InPotOf::holder,
              "Stands in the pot of {}",
              "Has a pot of its own again"),
          new KinCodec<>(
              "TOOK_IN",
              TookIn.class,
              other -> new TookIn(Objects.requireNonNull(other)),
              TookIn::other,
              "In its pot from now on: {}",
              ""),
          new RecountedCodec(),
          new BareCodec<>("TAKEN_OVER", TakenOver.class, new TakenOver(), ""));

  private static final Map<Class<?>, Codec<?>> BY_TYPE =
      ALL.stream().collect(Collectors.toMap(Codec::type, Function.identity()));

  private Codecs() {}

  /** All of them. */
  static List<Codec<?>> all() {
    return ALL;
  }

  /** The line in a sentence; nothing if there is nothing to tell. */
  public static Optional<Sentence> words(Telling telling) {
    return words(of(telling.line().happening()), telling);
  }

  @SuppressWarnings("unchecked") // a codec is found by the kind of what it is for
  private static <H extends Happening> Optional<Sentence> words(Codec<H> codec, Telling telling) {
    return codec.words((H) telling.line().happening(), telling);
  }

  /** The codec of a happening's kind. */
  @SuppressWarnings("unchecked") // a codec is found by the kind of what it is for
  static <H extends Happening> Codec<H> of(H happening) {
    return (Codec<H>) Objects.requireNonNull(BY_TYPE.get(happening.getClass()));
  }

  /**
   * What belongs to happenings, by the names of their kinds.
   *
   * @param kinds those that there are among them
   */
  static Map<String, Codec.Kept<?>> read(Reading part, Set<String> kinds) {
    var kept = new HashMap<String, Codec.Kept<?>>();
    for (var codec : ALL) {
      if (kinds.contains(codec.kind())) {
        kept.put(codec.kind(), codec.read(part));
      }
    }
    return kept;
  }
}
