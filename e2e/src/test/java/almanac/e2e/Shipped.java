package almanac.e2e;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.net.MalformedURLException;
import java.net.URL;
import java.net.URLClassLoader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;

/**
 * The program as it ships, opened within the tests: with nothing of theirs, and warm from what it
 * did for the test before, so that a start costs a fraction of one in a process of its own.
 */
final class Shipped {
  private static final ClassLoader PROGRAM = loader();

  private Shipped() {}

  /** Open, until it is closed. */
  record Opened(String address, AutoCloseable program) {}

  /**
   * Opens it as its command does.
   *
   * @param options as they are typed
   */
  static Opened open(String... options) {
    var thread = Thread.currentThread();
    var before = thread.getContextClassLoader();
    thread.setContextClassLoader(PROGRAM);
    try {
      var read = method("Options", "of").invoke(null, (Object) options);
      var program = method("Main", "start").invoke(null, read);
      var address = method("Main", "address").invoke(null, program);
      return new Opened((String) address, (AutoCloseable) program);
    } catch (InvocationTargetException e) {
      throw new AssertionError("The program did not open", e.getCause());
    } catch (ReflectiveOperationException e) {
      throw new AssertionError("The program is started in another way", e);
    } finally {
      thread.setContextClassLoader(before);
    }
  }

  private static Method method(String type, String name) throws ClassNotFoundException {
    var method =
        Arrays.stream(PROGRAM.loadClass("almanac.app.start." + type).getDeclaredMethods())
            .filter(each -> each.getName().equals(name))
            .findFirst()
            .orElseThrow();
    method.setAccessible(true);
    return method;
  }

  private static ClassLoader loader() {
    var jar = Path.of(System.getProperty("almanac.unpacked"), "mellow-almanac.jar");
    if (!Files.exists(jar)) {
      throw new AssertionError("There is no unpacked program at " + jar);
    }
    try {
      return new URLClassLoader(
          new URL[] {jar.toUri().toURL()}, ClassLoader.getPlatformClassLoader());
    } catch (MalformedURLException e) {
      throw new AssertionError(e);
    }
  }
}
