package almanac.core.bench;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One step of a job, as it is read at arm's length.
 *
 * @param what to do, in a sentence
 * @param why it is done, in a sentence
 * @param caution what can hurt at this step, and how not to be hurt
 * @param atHand what to have at hand
 * @param minutes how long to wait, where there is something to wait for
 */
public record JobStep(
    Task task,
    String what,
    String why,
    Optional<String> caution,
    List<String> atHand,
    OptionalInt minutes) {

  static JobStep of(Task task, String what, String why) {
    return new JobStep(task, what, why, Optional.empty(), List.of(), OptionalInt.empty());
  }

  JobStep minding(String how) {
    return new JobStep(task, what, why, Optional.of(how), atHand, minutes);
  }

  JobStep with(String... things) {
    return new JobStep(task, what, why, caution, List.of(things), minutes);
  }

  JobStep taking(int so) {
    return new JobStep(task, what, why, caution, atHand, OptionalInt.of(so));
  }
}
