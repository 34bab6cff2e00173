package almanac.app.start.commands;

import almanac.app.copies.backups.BackupReason;
import almanac.app.copies.backups.Packed;
import almanac.app.ground.clock.OneClock;
import java.io.IOException;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Takes a backup. */
@Command(
    name = "backup",
    description = "Takes a backup of the collection and proves it by opening it.",
    mixinStandardHelpOptions = true,
    exitCodeListHeading = "Exit codes:%n",
    exitCodeList = {
      "0:the backup was taken and proven",
      "1:it was taken and proven, and photographs are missing or damaged; each is named",
      "2:it was not; what is in the way is said"
    })
final class BackupCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;
  @Mixin private InFolder in;

  @Override
  public Integer call() throws IOException, SQLException {
    in.refuseEmpty();
    return in.alone(this::take);
  }

  private int take() throws IOException, SQLException {
    var out = spec.commandLine().getOut();
    out.println("Packing the collection and opening the copy …");
    out.flush();
    var all =
        in.backups()
            .take(
                LocalDateTime.now(OneClock.CLOCK),
                BackupReason.ASKED,
                zip -> Packed.pack(in.database(), zip),
                in.photographs());
    in.backups().rotate(LocalDate.now(OneClock.CLOCK));
    var taken = all.backup();
    out.println(
        "Backup %s: %s, %d photographs."
            .formatted(
                taken.name(),
                InFolder.said(taken.plants(), taken.acts(), taken.lastEntry()),
                taken.photos().size()));
    all.lost()
        .forEach(name -> out.println("There is no sound file %s of a photograph.".formatted(name)));
    return all.lost().isEmpty() ? Commands.WELL : Commands.FAULTS;
  }
}
