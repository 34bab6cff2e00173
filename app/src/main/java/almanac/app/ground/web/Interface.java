package almanac.app.ground.web;

import java.io.IOException;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** The files of the interface; every address that is no file is a page of it. */
@Configuration
class Interface implements WebMvcConfigurer {
  private static final String FILES = "classpath:/static/";

  /**
   * Programs are answered in JSON, whatever they say they like; else a write would be refused after
   * it.
   */
  @Override
  public void configureContentNegotiation(ContentNegotiationConfigurer negotiation) {
    negotiation.ignoreAcceptHeader(true).defaultContentType(MediaType.APPLICATION_JSON);
  }

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/_app/immutable/**")
        .addResourceLocations(FILES + "_app/immutable/")
        .setCacheControl(CacheControl.maxAge(365, TimeUnit.DAYS).immutable())
        .resourceChain(true)
        .addResolver(new EncodedResourceResolver())
        .addResolver(new PathResourceResolver());
    registry
        .addResourceHandler("/**")
        .addResourceLocations(FILES)
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(new EncodedResourceResolver())
        .addResolver(new PageResolver());
  }

  /** Pages are drawn in the browser, so that each is the same file. */
  private static final class PageResolver extends PathResourceResolver {
    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      var file = super.getResource(path, location);
      boolean page = !path.startsWith("api/") && !path.contains(".");
      return file == null && page ? new ClassPathResource("/static/index.html") : file;
    }
  }
}
