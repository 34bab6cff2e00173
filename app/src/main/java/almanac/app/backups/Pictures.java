package almanac.app.backups;

import almanac.app.disk.OnDisk;
import almanac.app.photos.PhotoFiles;
import java.io.IOException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Set;
import java.util.stream.Collectors;

/** The photographs of all backups in a folder. They never change, so that each is there once. */
record Pictures(Path folder) {

  /** Takes those that are not here yet; what is gone elsewhere is not to be had. */
  void takeFrom(Path others, Collection<String> photos) throws IOException {
    Files.createDirectories(folder);
    for (var file : files(photos)) {
      if (Files.exists(others.resolve(file)) && !Files.exists(folder.resolve(file))) {
        linkOrCopy(others.resolve(file), folder.resolve(file));
      }
    }
  }

  /** On one disk a second name of the same file takes no room, and outlives the first. */
  private static void linkOrCopy(Path from, Path to) throws IOException {
    try {
      Files.createLink(to, from);
    } catch (UnsupportedOperationException | FileSystemException otherDisk) {
      OnDisk.copy(from, to);
    }
  }

  /** Puts those back that are missing in a folder. */
  void putBack(Path others, Collection<String> photos) throws IOException {
    new Pictures(others).takeFrom(folder, photos);
  }

  /** The names of the files that are here. */
  Set<String> present() throws IOException {
    if (!Files.isDirectory(folder)) {
      return Set.of();
    }
    try (var files = Files.list(folder)) {
      return files.map(file -> file.getFileName().toString()).collect(Collectors.toSet());
    }
  }

  /** Removes all but these. */
  void keepOnly(Collection<String> photos) throws IOException {
    var kept = files(photos);
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (var files =
        Files.newDirectoryStream(folder, file -> !kept.contains(file.getFileName().toString()))) {
      for (var file : files) {
        Files.delete(file);
      }
    }
  }

  private static Set<String> files(Collection<String> photos) {
    return photos.stream()
        .flatMap(photo -> PhotoFiles.names(photo).stream())
        .collect(Collectors.toSet());
  }
}
