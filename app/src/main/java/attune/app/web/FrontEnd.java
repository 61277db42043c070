package attune.app.web;

import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;
import org.springframework.web.servlet.resource.TransformedResource;

/**
 * Serves the built front end; any path that is a view of it gets its page, so deep links and reload
 * work.
 */
@Configuration
class FrontEnd implements WebMvcConfigurer {
  private static final Duration A_YEAR = Duration.ofDays(365);

  @Override
  public void addResourceHandlers(ResourceHandlerRegistry registry) {
    registry
        .addResourceHandler("/assets/**")
        .addResourceLocations("classpath:/static/assets/")
        .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable())
        .resourceChain(true)
        .addResolver(
            new EncodedResourceResolver()) // packed when it was built, tighter than on the fly
        .addResolver(new PathResourceResolver());
    registry
        .addResourceHandler("/**")
        .addResourceLocations("classpath:/static/")
        .setCacheControl(CacheControl.noCache())
        .resourceChain(true)
        .addResolver(new OnePage());
  }

  private static final class OnePage extends PathResourceResolver {
    private static final String PAGE = "index.html";

    @Override
    protected @Nullable Resource getResource(String path, Resource location) throws IOException {
      Resource found = super.getResource(path, location);
      boolean view = !path.contains(".") && !path.startsWith("api/");
      Resource file = found != null || !view ? found : new ClassPathResource("/static/index.html");
      return file != null && PAGE.equals(file.getFilename()) ? spoken(file) : file;
    }

    /** The page in the language Attune was started with. */
    private static Resource spoken(Resource page) throws IOException {
      if (Phrases.language().equals(Phrases.ENGLISH)) {
        return page;
      }
      String html =
          page.getContentAsString(StandardCharsets.UTF_8)
              .replace("<html lang=\"en\">", "<html lang=\"%s\">".formatted(Phrases.language()));
      return new TransformedResource(page, html.getBytes(StandardCharsets.UTF_8));
    }
  }
}
