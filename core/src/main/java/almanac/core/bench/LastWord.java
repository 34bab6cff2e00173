package almanac.core.bench;

import almanac.core.history.PlantStatus;
import almanac.core.words.Answer;
import java.util.Optional;

/** What becomes of a plant that was let go. Rules: The job at the bench. */
public enum LastWord implements Answer {
  THROWN_OUT("it goes out of the house", PlantStatus.LOST),
  GIVEN_AWAY("given away", PlantStatus.GIVEN_AWAY),
  /** Somebody thought better of it. */
  STAYS("it stays after all", null);

  private final String words;
  private final PlantStatus status;

  LastWord(String words, PlantStatus status) {
    this.words = words;
    this.status = status;
  }

  @Override
  public String words() {
    return words;
  }

  /** Where it is in its life then; nothing if that does not change. */
  Optional<PlantStatus> status() {
    return Optional.ofNullable(status);
  }
}
