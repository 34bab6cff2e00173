package almanac.core.stock;

import almanac.core.words.Sentence;
import java.time.LocalDate;
import java.util.Optional;

/**
 * Something that runs short.
 *
 * @param what how much of what, as part of a sentence
 * @param by when it must be there; nothing where no job waits for it
 */
public record Lack(Sentence what, Optional<LocalDate> by) {}
