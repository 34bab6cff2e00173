package almanac.app.ground.web;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;

/** Knows which requests are answered by what only reckons. */
@Component
class Reckoning {
  private final ObjectProvider<RequestMappingHandlerMapping> handlers;

  Reckoning(
      @Qualifier("requestMappingHandlerMapping")
          ObjectProvider<RequestMappingHandlerMapping> handlers) {
    this.handlers = handlers;
  }

  boolean answers(HttpServletRequest request) {
    boolean parsed = ServletRequestPathUtils.hasParsedRequestPath(request);
    try {
      if (!parsed) {
        ServletRequestPathUtils.parseAndCache(request);
      }
      var handler = handlers.getObject().getHandler(request);
      return handler != null
          && handler.getHandler() instanceof HandlerMethod method
          && method.hasMethodAnnotation(Reckons.class);
    } catch (Exception refused) {
      // Whatever is wrong with it is told by who answers it.
      return false;
    } finally {
      if (!parsed) {
        ServletRequestPathUtils.clearParsedRequestPath(request);
      }
    }
  }
}
