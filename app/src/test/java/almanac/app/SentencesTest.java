package almanac.app;

import static org.assertj.core.api.Assertions.assertThat;

import almanac.app.ground.refusals.Sentences;
import java.io.IOException;
import java.nio.file.NoSuchFileException;
import org.junit.jupiter.api.Test;

/** Whatever goes wrong at a start is told as a part of a sentence. */
class SentencesTest {
  @Test
  void theDeepestThatSaysAnythingIsTold() {
    assertThat(Sentences.of(new IllegalStateException("outer", new IOException("disk is full"))))
        .isEqualTo("disk is full");
    assertThat(Sentences.of(new IllegalStateException("outer", new IOException("first\nsecond"))))
        .isEqualTo("first");
    assertThat(Sentences.of(new IllegalStateException("x".repeat(900))).length()).isEqualTo(201);
  }

  @Test
  void whatSaysNothingIsNamed() {
    assertThat(Sentences.of(new NullPointerException())).isEqualTo("null pointer");
    assertThat(Sentences.of(new IllegalStateException((String) null, new NullPointerException())))
        .isEqualTo("null pointer");
    assertThat(Sentences.of(new IllegalStateException("null"))).isEqualTo("illegal state");
    assertThat(Sentences.words(NoSuchFileException.class.getSimpleName()))
        .isEqualTo("no such file");
  }
}
