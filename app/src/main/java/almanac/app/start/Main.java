package almanac.app.start;

import almanac.app.MellowAlmanac;
import almanac.app.ground.disk.StartRefused;
import almanac.app.ground.refusals.Sentences;
import almanac.app.start.commands.Commands;
import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.LoggerContext;
import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.util.HashMap;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.support.DefaultSingletonBeanRegistry;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the program, or says in one sentence why it does not start. */
public final class Main {
  private static final int REFUSED = 2;
  private static final String THIS_MACHINE = "127.0.0.1";

  private Main() {}

  public static void main(String[] args) {
    if (Commands.meant(args)) {
      silentUntilStarted();
      System.exit(
          Commands.run(new PrintWriter(System.out, true), new PrintWriter(System.err, true), args));
    }
    try {
      var options = Options.of(args);
      if (!options.host().isBlank()) {
        AtHome.askAtFirstUse(options.data());
      }
      var context = start(options);
      say(System.out, "Mellow Almanac is open at " + address(context));
      AtHome.say(options, context, System.out);
      say(System.out, "Close it with Ctrl+C.");
      if (options.rehearse()) {
        Rehearsal.of(address(context));
        context.close();
      }
    } catch (StartRefused refused) {
      say(System.err, refused.getMessage());
      System.exit(REFUSED);
    } catch (RuntimeException failure) {
      say(System.err, sentence(failure));
      System.exit(REFUSED);
    }
  }

  /** Starts with the given options; the context is closed by its own shutdown hook. */
  static ConfigurableApplicationContext start(Options options) {
    refuseTakenPort(options);
    silentUntilStarted();
    var folder = DataFolder.open(options.data(), options.demo(), System.out);
    Map<String, Object> properties = new HashMap<>();
    properties.put("spring.datasource.url", folder.databaseUrl());
    properties.put("logging.file.name", folder.logFile().toString());
    properties.put("server.port", options.port());
    properties.put("almanac.host", options.host());
    properties.put("almanac.demo", options.demo());
    properties.put("almanac.data", options.data().toString());
    options.today().ifPresent(day -> properties.put("almanac.today", day.toString()));

    var arguments =
        properties.entrySet().stream()
            .map(each -> "--%s=%s".formatted(each.getKey(), each.getValue()));
    var application = new SpringApplication(MellowAlmanac.class);
    // By this name it finds what the build has worked out, if it is told to look for that.
    application.setMainApplicationClass(MellowAlmanac.class);
    // What is registered first is closed last: the database is closed before others are let in.
    application.addInitializers(
        context ->
            ((DefaultSingletonBeanRegistry) context.getBeanFactory())
                .registerDisposableBean("dataFolder", folder::close));
    return application.run(arguments.toArray(String[]::new));
  }

  /** The log is set up with the program; what libraries say before then is for nobody. */
  private static void silentUntilStarted() {
    System.setProperty("org.jooq.no-logo", "true");
    System.setProperty("org.jooq.no-tips", "true");
    if (LoggerFactory.getILoggerFactory() instanceof LoggerContext logs) {
      logs.getLogger(Logger.ROOT_LOGGER_NAME).setLevel(Level.OFF);
    }
  }

  static String address(ConfigurableApplicationContext context) {
    int port = ((WebServerApplicationContext) context).getWebServer().getPort();
    return "http://%s:%d".formatted(THIS_MACHINE, port);
  }

  private static void refuseTakenPort(Options options) {
    try (var socket = new ServerSocket()) {
      socket.setReuseAddress(true);
      socket.bind(new InetSocketAddress(InetAddress.getByName(THIS_MACHINE), options.port()));
    } catch (IOException e) {
      throw new StartRefused(
          "Port %d is taken or not allowed; choose another with --port.".formatted(options.port()));
    }
  }

  private static String sentence(RuntimeException failure) {
    return "Mellow Almanac cannot open its data: %s (more in almanac.log in the data folder)."
        .formatted(Sentences.of(failure));
  }

  private static void say(PrintStream out, String sentence) {
    out.println(sentence);
  }
}
