package attune.app.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;

/** Answers a request that is let go no further, as {@link Faults} answers the others. */
public final class Refusal {
  private Refusal() {}

  /**
   * @param detail what is wrong, without quotation marks
   */
  public static void write(HttpServletResponse response, HttpStatus status, String detail)
      throws IOException {
    response.resetBuffer();
    response.setStatus(status.value());
    response.setContentType("application/problem+json");
    response
        .getWriter()
        .write("{\"status\":%d,\"detail\":\"%s\",\"faults\":[]}".formatted(status.value(), detail));
  }
}
