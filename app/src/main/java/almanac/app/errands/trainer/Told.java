package almanac.app.errands.trainer;

import almanac.core.trainer.TrainingCase;
import almanac.core.words.Sentence;
import java.util.Optional;

/**
 * A case as it is asked, and what is told once it was answered.
 *
 * @param name of the plant
 * @param plant its number in this collection; nothing for one that was made up
 * @param shows what it is about; empty where only its past shows it
 * @param done what was done
 * @param came what came of it
 */
record Told(
    String name,
    Optional<Long> plant,
    TrainingCase asked,
    String shows,
    Sentence done,
    Sentence came) {}
