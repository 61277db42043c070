package attune.app.crew;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Which right each operation of the API asks for, from {@code crew/operations.csv}. One without a
 * row is the owner's alone.
 */
@Component
class Operations {
  static final String API = "/api/v1";
  private static final CSVFormat TABLE =
      CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true).get();

  /**
   * One operation.
   *
   * @param log kind of the entry that is written when it was done; empty for none
   */
  record Operation(String method, PathPattern path, Right right, Optional<LogKind> log) {}

  private final List<Operation> all = read();

  /** The row of a request; empty for what is no operation of the API. */
  Optional<Operation> of(HttpServletRequest request) {
    return request.getRequestURI().startsWith(API)
        ? of(request.getMethod(), request.getRequestURI())
        : Optional.empty();
  }

  /** The row of an operation. */
  Optional<Operation> of(String method, String uri) {
    PathContainer path = PathContainer.parsePath(uri);
    String asked = method.equals("HEAD") ? "GET" : method;
    return all.stream()
        .filter(row -> row.method().equals(asked) && row.path().matches(path))
        .min((a, b) -> PathPattern.SPECIFICITY_COMPARATOR.compare(a.path(), b.path()));
  }

  List<Operation> all() {
    return all;
  }

  private static List<Operation> read() {
    PathPatternParser parser = new PathPatternParser();
    try (Reader text =
        new InputStreamReader(
            Objects.requireNonNull(Operations.class.getResourceAsStream("/crew/operations.csv")),
            StandardCharsets.UTF_8)) {
      return TABLE.parse(text).stream().map(row -> operation(row, parser)).toList();
    } catch (IOException e) {
      throw new UncheckedIOException("crew/operations.csv cannot be read", e);
    }
  }

  private static Operation operation(CSVRecord row, PathPatternParser parser) {
    String log = row.get("log");
    return new Operation(
        row.get("method"),
        parser.parse(API + row.get("path")),
        Right.valueOf(row.get("right")),
        log.isEmpty() ? Optional.empty() : Optional.of(LogKind.valueOf(log)));
  }
}
