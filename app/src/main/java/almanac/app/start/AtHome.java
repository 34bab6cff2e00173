package almanac.app.start;

import almanac.app.ground.disk.StartRefused;
import almanac.app.ground.network.AccessFile;
import almanac.app.ground.network.NetworkDoor;
import almanac.app.ground.network.ScanCode;
import almanac.app.ground.refusals.BadEntry;
import java.io.Console;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Path;
import org.springframework.context.ConfigurableApplicationContext;

/** What the terminal asks and says of other devices of the house. */
final class AtHome {
  private AtHome() {}

  /** Asks for a passphrase where none was chosen yet and somebody sits there. */
  static void askAtFirstUse(Path data) {
    var console = System.console();
    try {
      var access = AccessFile.of(data);
      if (console != null && !access.chosen()) {
        ask(console, access);
      }
    } catch (IOException e) {
      throw new StartRefused("Who may come in cannot be read or kept in %s.".formatted(data));
    }
  }

  private static void ask(Console console, AccessFile access) {
    while (true) {
      var typed = console.readPassword("A passphrase for other devices, three or four words: ");
      if (typed == null) {
        throw new StartRefused("Without a passphrase it is not opened to other devices.");
      }
      try {
        access.choose(new String(typed));
        return;
      } catch (BadEntry weak) {
        console.printf("%s%n", weak.sentence());
      }
    }
  }

  /** Says how other devices come in, if they do. */
  static void say(Options options, ConfigurableApplicationContext context, PrintStream out) {
    var door = context.getBean(NetworkDoor.class);
    door.way()
        .ifPresent(
            way -> {
              out.println("Other devices come in at " + String.join(" or ", way.addresses()));
              out.println("and see a certificate with the fingerprint " + way.fingerprint());
              out.print(ScanCode.of(way.addresses().get(0)).text());
            });
    door.trouble()
        .ifPresent(why -> out.println("It is not open to other devices: %s.".formatted(why)));
    if (!options.host().isBlank() && door.way().isEmpty() && door.trouble().isEmpty()) {
      out.println(
          "It is not open to other devices yet: choose a passphrase in the settings, at %s/settings#network, or with ./almanac passphrase."
              .formatted(Main.address(context)));
    }
  }
}
