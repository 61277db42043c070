package attune.app.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets nothing be changed where the disk has no room for it: all can be read, what devices had to
 * tell they keep, and the database is not driven into closing itself.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class RoomFilter extends OncePerRequestFilter {
  private static final Set<String> READS = Set.of("GET", "HEAD", "OPTIONS");

  private final Room room;
  private final LostDatabase database;

  RoomFilter(Room room, LostDatabase database) {
    this.room = room;
    this.database = database;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Optional<String> lacks = READS.contains(request.getMethod()) ? Optional.empty() : room.lacks();
    if (lacks.isPresent()) {
      Refusal.write(response, HttpStatus.INSUFFICIENT_STORAGE, lacks.get());
      return;
    }
    try {
      chain.doFilter(request, response);
    } catch (ServletException | IOException | RuntimeException e) {
      if (response.isCommitted() || !database.isWhy(e)) {
        throw e;
      }
      Refusal.write(response, HttpStatus.SERVICE_UNAVAILABLE, LostDatabase.SAYS);
    }
  }
}
