package almanac.app.copies.backups;

/** Why a backup was taken. */
public enum BackupReason {
  DAY("of the day"),
  ASKED("asked for"),
  UPGRADE("before an upgrade"),
  RESTORE("before another was brought back"),
  IMPORT("before an import");

  private final String words;

  BackupReason(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
