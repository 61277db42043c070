package attune.app.web;

import attune.app.format.Schemas;
import attune.core.words.Phrases;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses bodies that are too large, or that do not say how large or of what kind they are, before
 * they are read.
 */
@Component
class RequestSizeFilter extends OncePerRequestFilter {
  private static final Phrases PHRASES = Phrases.of(RequestSizeFilter.class);

  private static final long MOST_WHOLE_BYTES = 4L * 1024 * 1024 * 1024;
  private static final long MOST_FORM_BYTES = 31L * 1024 * 1024;

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean unsized =
        request.getContentLengthLong() < 0 && request.getHeader("Transfer-Encoding") != null;
    if (!isOneKind(request.getContentType())) {
      Refusal.write(
          response, HttpStatus.UNSUPPORTED_MEDIA_TYPE, PHRASES.say("the-content-is-of-no"));
    } else if (unsized) {
      Refusal.write(response, HttpStatus.LENGTH_REQUIRED, PHRASES.say("the-request-does-not-say"));
    } else if (request.getContentLengthLong() > most(request)) {
      Refusal.write(
          response, HttpStatus.CONTENT_TOO_LARGE, PHRASES.say("at-most-bytes", most(request)));
    } else {
      chain.doFilter(request, response);
    }
  }

  /** A type that names no one kind of content cannot be read by anybody. */
  private static boolean isOneKind(String type) {
    try {
      return type == null || type.isBlank() || MediaType.parseMediaType(type).isConcrete();
    } catch (InvalidMediaTypeException e) {
      return false;
    }
  }

  /** A file sent as a form may be a photo or a safety sheet, a zip all data; the rest is text. */
  private static long most(HttpServletRequest request) {
    String type = request.getContentType();
    if (type != null && type.startsWith("application/zip")) {
      return MOST_WHOLE_BYTES;
    }
    boolean form = type != null && type.startsWith("multipart/form-data");
    return form ? MOST_FORM_BYTES : Schemas.MOST_BYTES;
  }
}
