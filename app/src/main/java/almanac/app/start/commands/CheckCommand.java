package almanac.app.start.commands;

import almanac.app.copies.schema.Contents;
import almanac.app.copies.schema.Schema;
import almanac.app.ground.disk.DatabaseFile;
import almanac.app.ground.refusals.Sentences;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.photos.PhotoSums;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.sql.SQLException;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Reads everything and reports what is not as it should be; repairs nothing. */
@Command(
    name = "check",
    description =
        "Reads the whole collection, its photographs and its backups, and reports what is not as it should be. Nothing is changed.",
    mixinStandardHelpOptions = true,
    exitCodeListHeading = "Exit codes:%n",
    exitCodeList = {
      "0:all is sound",
      "1:something is not as it should be; each is named",
      "2:it could not be looked at"
    })
final class CheckCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;
  @Mixin private InFolder in;
  private int faults;

  @Override
  public Integer call() throws IOException, SQLException {
    in.refuseEmpty();
    return in.alone(this::look);
  }

  private int look() throws IOException {
    var out = spec.commandLine().getOut();
    collection(out);
    backups(out);
    out.println(
        faults == 0 ? "All is sound." : "%d faults; nothing was changed.".formatted(faults));
    return faults == 0 ? Commands.WELL : Commands.FAULTS;
  }

  private void fault(PrintWriter out, String sentence) {
    faults++;
    out.println("FAULT " + sentence);
  }

  private void collection(PrintWriter out) throws IOException {
    try {
      var contents = in.contents();
      out.println(
          "The collection: %s, %d photographs, schema %d."
              .formatted(
                  InFolder.said(
                      contents.plants(), contents.acts(), contents.lastEntry().orElse(null)),
                  contents.photos().size(),
                  contents.schema()));
      out.flush();
      readAll(out, contents);
      photographs(out, contents);
    } catch (SQLException e) {
      fault(out, "The collection cannot be opened: %s.".formatted(Sentences.of(e)));
    }
  }

  /** On a copy, since reading draws up anew what follows from the journals. */
  private void readAll(PrintWriter out, Contents contents) throws IOException {
    if (contents.schema() > Schema.LATEST) {
      fault(out, "The collection was kept by a newer Mellow Almanac.");
      return;
    }
    var copy = Files.createTempDirectory("almanac-check");
    try {
      Files.copy(in.database(), DatabaseFile.in(copy).file());
      Schema.bringUpToDate(DatabaseFile.in(copy).name());
      out.println("Every plant and every entry can be read.");
    } catch (SQLException | RuntimeException e) {
      fault(out, "Not all of it can be read: %s.".formatted(Sentences.of(e)));
    } finally {
      try (var files = Files.newDirectoryStream(copy)) {
        for (var file : files) {
          Files.delete(file);
        }
      }
      Files.delete(copy);
    }
  }

  private void photographs(PrintWriter out, Contents contents) throws IOException {
    for (var photo : contents.photos()) {
      for (var name : PhotoFiles.names(photo)) {
        var file = in.photographs().resolve(name);
        if (!PhotoSums.sound(file, contents.sums())) {
          fault(
              out,
              "The file %s of a photograph is %s; %s."
                  .formatted(
                      name,
                      Files.exists(file) ? "damaged" : "missing",
                      in.backups().hasSound(name, contents.sums())
                          ? "the backups have it, and the next backup puts it back"
                          : "no backup has it"));
        }
      }
    }
    out.println("Every photograph was read.");
  }

  private void backups(PrintWriter out) throws IOException {
    var all = in.backups().all();
    for (var backup : all) {
      in.backups()
          .fault(backup)
          .ifPresent(
              fault ->
                  fault(out, "The backup %s is not sound: %s.".formatted(backup.name(), fault)));
    }
    for (var backup : all) {
      for (var name : in.backups().unsound(backup)) {
        fault(
            out,
            "The file %s of a photograph of the backup %s is missing or damaged."
                .formatted(name, backup.name()));
      }
    }
    out.println("%d backups were opened.".formatted(all.size()));
  }
}
