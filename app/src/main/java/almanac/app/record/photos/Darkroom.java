package almanac.app.record.photos;

import almanac.app.ground.clock.Background;
import almanac.app.ground.refusals.BadEntry;
import almanac.app.ground.refusals.Busy;
import almanac.app.ground.refusals.NotNow;
import almanac.app.ground.refusals.Sentences;
import jakarta.annotation.PreDestroy;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Unpacks one picture after another in a process of its own, so that many at once take no more
 * memory than one, and one that takes too long or too much harms nothing but itself.
 */
@Component
public class Darkroom {
  /** Together with the time for one, so long that a browser still waits. */
  private static final Duration PATIENCE = Duration.ofSeconds(4);

  /** The largest pictures that are unpacked take two on a slow machine. */
  static final Duration LONGEST = Duration.ofSeconds(6);

  /** The process is kept for the next picture for a while; a round has many. */
  private static final Duration KEPT = Duration.ofMinutes(1);

  private static final long LOOKED_EVERY_MILLIS = 30_000;

  /** The largest picture that is unpacked takes half of it. */
  private static final String MEMORY = "-Xmx640m";

  private static final String OF_ONE_JAR =
      "org.springframework.boot.loader.launch.PropertiesLauncher";

  private final Semaphore place = new Semaphore(1, true);
  private final ExecutorService talking = Background.inTurn("darkroom", Thread.NORM_PRIORITY);
  private @Nullable Process process;
  private long lastUsed = System.nanoTime();

  /** Where the bytes of a picture come from; not read before it is its turn. */
  public interface Source {
    byte[] bytes() throws IOException;
  }

  /**
   * Unpacks a picture.
   *
   * @throws BadEntry if it is no picture that can be kept
   * @throws Busy if its turn does not come in time
   * @throws NotNow if no picture can be unpacked here
   */
  public PictureFile unpack(Source source) throws IOException {
    try {
      if (!place.tryAcquire(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
        throw new Busy();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new Busy();
    }
    try {
      return unpack(source.bytes());
    } finally {
      lastUsed = System.nanoTime();
      place.release();
    }
  }

  private PictureFile unpack(byte[] bytes) {
    var open = open();
    var answer = talking.submit(() -> talk(open, bytes));
    try {
      return answer.get(LONGEST.toMillis(), TimeUnit.MILLISECONDS);
    } catch (TimeoutException tooLong) {
      end();
      throw new BadEntry(
          "photo",
          "This picture takes too long to be unpacked; save it as a JPEG. Nothing was kept.");
    } catch (InterruptedException e) {
      end();
      Thread.currentThread().interrupt();
      throw new Busy();
    } catch (ExecutionException failed) {
      if (failed.getCause() instanceof BadEntry refused) {
        throw refused;
      }
      end();
      // A process that has no memory left ends without a word.
      throw PictureFile.tooLarge();
    }
  }

  private static PictureFile talk(Process open, byte[] bytes) throws IOException {
    var to = new DataOutputStream(new BufferedOutputStream(open.getOutputStream(), 1 << 16));
    to.writeInt(bytes.length);
    to.write(bytes);
    to.flush();
    var from = new DataInputStream(open.getInputStream());
    if (from.readByte() == DarkroomProcess.REFUSED) {
      throw new BadEntry("photo", from.readUTF());
    }
    return new PictureFile(from);
  }

  private Process open() {
    var present = process;
    if (present != null && present.isAlive()) {
      return present;
    }
    try {
      var begun =
          new ProcessBuilder(command()).redirectError(ProcessBuilder.Redirect.DISCARD).start();
      process = begun;
      return begun;
    } catch (IOException e) {
      throw new NotNow("No picture can be unpacked here: %s.".formatted(Sentences.of(e)));
    }
  }

  /** As the program itself was started: unpacked, or as the one jar that holds all others. */
  private static List<String> command() {
    var main = DarkroomProcess.class.getName();
    var at = DarkroomProcess.class.getProtectionDomain().getCodeSource().getLocation();
    return Stream.concat(
            Stream.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                MEMORY,
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-XX:+ExitOnOutOfMemoryError",
                "-Djava.awt.headless=true",
                "-cp",
                at.toString().matches("file:.*\\.jar")
                    ? Path.of(URI.create(at.toString())).toString()
                    : System.getProperty("java.class.path")),
            at.toString().startsWith("jar:nested:")
                ? Stream.of("-Dloader.main=" + main, OF_ONE_JAR)
                : Stream.of(main))
        .toList();
  }

  @Scheduled(fixedDelay = LOOKED_EVERY_MILLIS)
  void tidy() {
    if (System.nanoTime() - lastUsed > KEPT.toNanos() && place.tryAcquire()) {
      try {
        end();
      } finally {
        place.release();
      }
    }
  }

  @PreDestroy
  void close() {
    end();
    talking.shutdownNow();
  }

  private void end() {
    var present = process;
    process = null;
    if (present != null) {
      present.destroyForcibly();
    }
  }
}
