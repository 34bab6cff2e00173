package almanac.app.copies.backups;

import almanac.app.ground.disk.OnDisk;
import almanac.app.ground.disk.Owner;
import almanac.app.record.photos.PhotoFiles;
import almanac.app.record.photos.PhotoSums;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The photographs of all backups in a folder. They never change, so that each is there once; and
 * they are files of their own, so that what befalls the one does not befall the other.
 */
record Pictures(Path folder) {

  /**
   * Takes those that are not here yet, and mends those of the others that are damaged there and
   * sound here.
   *
   * @param sums by which it is known whether a file is as it came
   * @return the names of the files that are sound at neither place
   */
  List<String> takeFrom(Path others, Collection<String> photos, Map<String, String> sums)
      throws IOException {
    Owner.folder(folder);
    var lost = new ArrayList<String>();
    for (var name : files(photos)) {
      var there = others.resolve(name);
      var here = folder.resolve(name);
      boolean soundThere = PhotoSums.sound(there, sums);
      if (soundThere && (!Files.exists(here) || Files.isSameFile(there, here))) {
        OnDisk.copy(there, here);
      }
      boolean soundHere = PhotoSums.sound(here, sums);
      if (soundThere && !soundHere) {
        OnDisk.copy(there, here);
      } else if (soundHere && !soundThere) {
        Owner.folder(others);
        OnDisk.copy(here, there);
      } else if (!soundHere) {
        lost.add(name);
      }
    }
    return lost;
  }

  /** Puts those back that are missing or damaged in a folder. */
  void putBack(Path others, Collection<String> photos, Map<String, String> sums)
      throws IOException {
    Owner.folder(others);
    for (var name : files(photos)) {
      var here = folder.resolve(name);
      var there = others.resolve(name);
      if (!PhotoSums.sound(there, sums) && PhotoSums.sound(here, sums)) {
        OnDisk.copy(here, there);
      }
    }
  }

  /** Those of these photographs of which there is no sound file here. */
  List<String> unsound(Collection<String> photos, Map<String, String> sums) throws IOException {
    var unsound = new ArrayList<String>();
    for (var name : files(photos)) {
      if (!PhotoSums.sound(folder.resolve(name), sums)) {
        unsound.add(name);
      }
    }
    return unsound;
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

  /** Removes all photographs but these; what has another name was laid there by somebody else. */
  void keepOnly(Collection<String> photos) throws IOException {
    var kept = files(photos);
    if (!Files.isDirectory(folder)) {
      return;
    }
    try (var files = Files.newDirectoryStream(folder)) {
      for (var file : files) {
        var name = file.getFileName().toString();
        if (PhotoFiles.ours(name) && !kept.contains(name) || PhotoFiles.brokenOff(name)) {
          Files.delete(file);
        }
      }
    }
  }

  private static Set<String> files(Collection<String> photos) {
    return photos.stream()
        .flatMap(photo -> PhotoFiles.names(photo).stream())
        .collect(Collectors.toSet());
  }
}
