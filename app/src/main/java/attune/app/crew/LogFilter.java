package attune.app.crew;

import attune.app.crew.Operations.Operation;
import jakarta.annotation.Nullable;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Writes a line for each operation that asks for one, once it was done. */
@Component
@Order(0) // behind the door, so that it knows who asks
class LogFilter extends OncePerRequestFilter {
  private final Operations operations;

  /** Attribute of a request in which an operation says whom it made. */
  static final String ABOUT = LogFilter.class.getName() + ".about";

  private final Present present;
  private final LogService log;
  private final LogWords words;

  LogFilter(Operations operations, Present present, LogService log, LogWords words) {
    this.operations = operations;
    this.present = present;
    this.log = log;
    this.words = words;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Optional<LogKind> kind = operations.of(request).flatMap(Operation::log);
    if (kind.isEmpty()) {
      chain.doFilter(request, response);
      return;
    }
    Optional<Who> before = present.who(request); // whoever signs out is gone afterwards
    @Nullable String about = words.about(request.getRequestURI());
    chain.doFilter(request, response);
    if (response.getStatus() < HttpStatus.BAD_REQUEST.value()) {
      log.note(
          before.or(() -> present.who(request)).map(Who::inLog).orElse("nobody"),
          kind.get(),
          request.getAttribute(ABOUT) instanceof String made ? made : about);
    }
  }
}
