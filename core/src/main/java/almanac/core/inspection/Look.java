package almanac.core.inspection;

import almanac.core.words.Answer;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;

/** What is known of one item: not looked at, or seen on a day. Seeing nothing is seeing. */
public sealed interface Look<A extends Enum<A> & Answer> {

  /** Nobody has looked; nothing follows from it. */
  record NotLookedAt<A extends Enum<A> & Answer>() implements Look<A> {
    private static final NotLookedAt<?> BY_NOBODY = new NotLookedAt<Leaves>();
  }

  /** Nobody has looked. */
  @SuppressWarnings("unchecked") // it holds no answer of any type
  static <A extends Enum<A> & Answer> Look<A> notLookedAt() {
    return (Look<A>) NotLookedAt.BY_NOBODY;
  }

  /** Somebody looked on that day. */
  record Seen<A extends Enum<A> & Answer>(LocalDate on, Finding<A> finding) implements Look<A> {}

  /** The answer, if somebody looked and there is only one. */
  default Optional<A> answer() {
    return this instanceof Seen<A> seen ? seen.finding().answer() : Optional.empty();
  }

  /** The look, if there was one. */
  default Optional<Seen<A>> seen() {
    return this instanceof Seen<A> seen ? Optional.of(seen) : Optional.empty();
  }

  /** Whether somebody looked and saw this, alone or among others. */
  default boolean saw(A answer) {
    return this instanceof Seen<A> seen && seen.finding().answers().contains(answer);
  }

  /** Whether somebody looked and saw something of that sort, alone or among others. */
  default boolean saw(Predicate<A> sort) {
    return this instanceof Seen<A> seen && seen.finding().answers().stream().anyMatch(sort);
  }

  /** What was measured, if anything was. */
  default OptionalDouble measured() {
    return this instanceof Seen<A> seen ? seen.finding().measured() : OptionalDouble.empty();
  }
}
