package attune.app.support;

import attune.app.AttuneApplication;
import attune.app.reference.ReferenceData;
import attune.app.shelf.ShelfService;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ExtensionContext.Namespace;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** One Attune with the demo jobs for all test classes, on a port of its own and a real database. */
public final class RunningAttune implements ParameterResolver {
  private static final Namespace NAMESPACE = Namespace.create(RunningAttune.class);

  /** A started application; closed after the last test. */
  public record Running(ConfigurableApplicationContext context) implements AutoCloseable {
    public Api api() {
      return new Api("http://localhost:" + port());
    }

    public int port() {
      return context.getEnvironment().getRequiredProperty("local.server.port", Integer.class);
    }

    @Override
    public void close() {
      context.close();
    }
  }

  /** Starts with nothing on the shelf, as a new shop does. */
  public static final String EMPTY = "--attune.test.shelf=empty";

  /** Starts one more, on a directory of one's own, with the starting shelf in it. */
  public static Running start(Path data, String... arguments) {
    SpringApplicationBuilder builder =
        new SpringApplicationBuilder(AttuneApplication.class, TestClock.class)
            .properties(
                "attune.data=" + data,
                "attune.first-look=false", // queries are counted
                "spring.jpa.properties.hibernate.generate_statistics=true",
                "logging.level.root=error");
    String[] all = new String[arguments.length + 1];
    all[0] = "--server.port=0";
    System.arraycopy(arguments, 0, all, 1, arguments.length);
    Running running = new Running(builder.run(all));
    ShelfService shelf = running.context().getBean(ShelfService.class);
    if (shelf.file().tools().isEmpty() && !List.of(arguments).contains(EMPTY)) {
      shelf.bringIn(ReferenceData.startingShelfText(), false, false, null);
    }
    return running;
  }

  @Override
  public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
    Class<?> type = parameter.getParameter().getType();
    return type == Api.class || type == Running.class || type == TestClock.class;
  }

  @Override
  public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
    Running running =
        extension
            .getRoot()
            .getStore(NAMESPACE)
            .getOrComputeIfAbsent("running", key -> demo(), Running.class);
    Class<?> type = parameter.getParameter().getType();
    if (type == TestClock.class) {
      return running.context().getBean(TestClock.class);
    }
    return type == Api.class ? running.api() : running;
  }

  private static Running demo() {
    try {
      return start(
          Files.createTempDirectory("attune-test"),
          "--attune.demo=true",
          "--attune.shop=Lantern Yard Trim Care");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
