package almanac.app.ground.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** What the server refuses before it even asks the program, such as an address that climbs out. */
@Component
class ServerRefusals implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addEngineValves(new Unread());
    factory.addContextCustomizers(
        context ->
            ((StandardHost) context.getParent())
                .setErrorReportValveClass(AsProblem.class.getName()));
  }

  /** Written as every other refusal; made by the server, by its name. */
  public static final class AsProblem extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, @Nullable Throwable failure) {
      int code = response.getStatus();
      if (code < HttpStatus.BAD_REQUEST.value() || response.getContentWritten() > 0) {
        return;
      }
      var status = HttpStatus.resolve(code);
      var problem = Problems.refusedByServer(status == null ? HttpStatus.BAD_REQUEST : status);
      try {
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        var writer = response.getReporter();
        if (writer != null) {
          writer.write(
              Problems.written(
                  String.valueOf(problem.getType()),
                  String.valueOf(problem.getTitle()),
                  code,
                  String.valueOf(problem.getDetail())));
          response.finishResponse();
        }
      } catch (IOException gone) {
        // Whoever asked is not there any more.
      }
    }
  }
}
