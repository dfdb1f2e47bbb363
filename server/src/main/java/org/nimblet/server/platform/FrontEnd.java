package org.nimblet.server.platform;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.util.DigestUtils;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/**
 * Serves the built front end: named assets for a year, everything else fresh, places by index.html.
 */
@Configuration
class FrontEnd implements WebMvcConfigurer {

  private static final Duration YEAR = Duration.ofDays(365);

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(YEAR).cachePublic().immutable());
    registry
        .addResourceHandler("/**")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache())
        // Builds can be repeated, so that every file of every build bears the same date.
        .setUseLastModified(false)
        .setEtagGenerator(FrontEnd::tag)
        .resourceChain(true)
        .addResolver(new PlaceResolver());
  }

  private static String tag(Resource file) {
    try (InputStream content = file.getInputStream()) {
      return '"' + DigestUtils.md5DigestAsHex(content) + '"';
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Any path that is no file and no interface of the server is a place in the single page. */
  private static final class PlaceResolver extends PathResourceResolver {
    @Override
    protected Resource getResource(String path, Resource location) throws IOException {
      Resource file = location.createRelative(path.isEmpty() ? "index.html" : path);
      if (file.isReadable() && !path.isEmpty()) {
        return file;
      }
      String last = path.substring(path.lastIndexOf('/') + 1);
      boolean place =
          !path.startsWith("api/")
              && !path.startsWith("actuator")
              && !path.startsWith("v3/")
              && !last.contains(".");
      Resource index = location.createRelative("index.html");
      return place && index.isReadable() ? index : null;
    }
  }
}
