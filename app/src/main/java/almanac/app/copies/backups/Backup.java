package almanac.app.copies.backups;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a backup without opening it; written once it was proven.
 *
 * @param at when it was taken
 * @param because why
 * @param schema which one it has
 * @param plants how many stood in the collection
 * @param acts how many there were in the journals
 * @param lastEntry the day when something was last written into a journal
 * @param photos the names of the photographs, without endings
 * @param demo whether it is of the invented collection
 * @param sums of the files of the photographs, by their names; null if it was taken before they
 *     were known
 * @param turn how many had been taken before it; null if it was taken before they were counted
 * @param bytes the length of its file
 * @param digest SHA-256 of its file, in hexadecimal
 */
public record Backup(
    LocalDateTime at,
    BackupReason because,
    int schema,
    long plants,
    long acts,
    @Nullable LocalDate lastEntry,
    List<String> photos,
    @Nullable Map<String, String> sums,
    @Nullable Long turn,
    boolean demo,
    long bytes,
    String digest) {
  private static final DateTimeFormatter NAMED =
      DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HH-mm-ss");

  /**
   * In the order in which they were taken, whatever the clock said: by their turn, and for those
   * that have none by what is in them, of which there is only ever more.
   */
  static final Comparator<Backup> OLDEST_FIRST =
      Comparator.comparing(Backup::turn, Comparator.nullsFirst(Comparator.naturalOrder()))
          .thenComparing(Backup::lastEntry, Comparator.nullsFirst(Comparator.naturalOrder()))
          .thenComparing(Backup::acts)
          .thenComparing(Backup::at);

  Map<String, String> knownSums() {
    return sums == null ? Map.of() : sums;
  }

  /** By which it is asked for, and its files are named. */
  public String name() {
    return name(at);
  }

  static String name(LocalDateTime at) {
    return NAMED.format(at.truncatedTo(ChronoUnit.SECONDS));
  }
}
