package attune.app.web;

import attune.app.format.WireCodes;
import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import tools.jackson.databind.exc.InvalidFormatException;

/** Faults as RFC 9457 problem details with a {@code faults} array; never a stack trace. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE) // before the framework's own, which names no fields
class Faults {
  private static final Phrases PHRASES = Phrases.of(Faults.class);

  private static final Logger LOG = LoggerFactory.getLogger(Faults.class);

  private final LostDatabase database;

  Faults(LostDatabase database) {
    this.database = database;
  }

  private static final int MOST_FAULTS = 100;
  private static final int MOST_FOUND = 200;

  @ExceptionHandler
  ProblemDetail invalid(InvalidInputException e) {
    return problem(
        HttpStatus.UNPROCESSABLE_CONTENT, PHRASES.say("this-cannot-be-worked-with"), e.faults());
  }

  @ExceptionHandler
  ProblemDetail invalid(MethodArgumentNotValidException e) {
    List<Fault> faults =
        e.getFieldErrors().stream()
            .map(
                error ->
                    new Fault(
                        "/" + error.getField().replaceAll("[.\\[]", "/").replace("]", ""),
                        error.getRejectedValue() == null
                            ? Fault.NOTHING
                            : "\"" + error.getRejectedValue() + "\"",
                        Phrases.marked(String.valueOf(error.getDefaultMessage()))))
            .toList();
    return problem(
        HttpStatus.UNPROCESSABLE_CONTENT, PHRASES.say("this-cannot-be-worked-with"), faults);
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException e) {
    if (e.getCause() instanceof InvalidFormatException wrong) {
      return problem(
          HttpStatus.UNPROCESSABLE_CONTENT,
          PHRASES.say("this-cannot-be-worked-with"),
          List.of(new Fault(pointer(wrong), "\"" + wrong.getValue() + "\"", allowed(wrong))));
    }
    return problem(
        HttpStatus.BAD_REQUEST,
        PHRASES.say("the-request-is-not-json"),
        List.of(
            new Fault(
                "",
                PHRASES.say("text-that-cannot-be-read"),
                PHRASES.say("one-json-object-with-the"))));
  }

  private static String pointer(InvalidFormatException wrong) {
    return wrong.getPath().stream()
        .map(at -> "/" + (at.getPropertyName() == null ? at.getIndex() : at.getPropertyName()))
        .collect(Collectors.joining());
  }

  /** What a reader of ours said, or the values there are; never a class name. */
  private static String allowed(InvalidFormatException wrong) {
    Class<?> type = wrong.getTargetType();
    if (type.isEnum()) {
      return PHRASES.say(
          "one-of",
          Arrays.stream(type.getEnumConstants())
              .map(constant -> WireCodes.of((Enum<?>) constant))
              .collect(Lists.joining()));
    }
    if (LocalDate.class.equals(type) || LocalDateTime.class.equals(type)) {
      return wrong.getOriginalMessage().replaceFirst("(?s).*?: (?=a (day|local time), )", "");
    }
    return UUID.class.equals(type) ? PHRASES.say("an-id") : PHRASES.say("a-value-of-its-kind");
  }

  @ExceptionHandler
  ProblemDetail mistyped(MethodArgumentTypeMismatchException e) {
    return problem(
        HttpStatus.NOT_FOUND,
        PHRASES.say("there-is-nothing-here"),
        List.of(
            new Fault(
                "/" + e.getName(), "\"" + e.getValue() + "\"", PHRASES.say("an-id-of-the-kind"))));
  }

  @ExceptionHandler
  ProblemDetail tooLarge(MaxUploadSizeExceededException e) {
    return problem(
        HttpStatus.CONTENT_TOO_LARGE,
        PHRASES.say("the-file-is-too-large"),
        List.of(new Fault("/file", PHRASES.say("more-than-30-mb"), PHRASES.say("at-most-30-mb"))));
  }

  @ExceptionHandler
  ProblemDetail incomplete(MissingServletRequestPartException e) {
    return problem(
        HttpStatus.UNPROCESSABLE_CONTENT,
        PHRASES.say("this-cannot-be-worked-with"),
        List.of(new Fault("/" + e.getRequestPartName(), Fault.NOTHING, PHRASES.say("a-file"))));
  }

  @ExceptionHandler
  ProblemDetail missing(NoSuchElementException e) {
    return problem(HttpStatus.NOT_FOUND, e.getMessage(), List.of());
  }

  @ExceptionHandler
  ProblemDetail conflict(OptimisticLockingFailureException e) {
    return problem(HttpStatus.CONFLICT, PHRASES.say("somebody-else-changed-this-at"), List.of());
  }

  @ExceptionHandler
  ProblemDetail notNow(NotNowException e) {
    return problem(HttpStatus.CONFLICT, e.getMessage(), List.of());
  }

  @ExceptionHandler
  ProblemDetail unpartable(MultipartException e) {
    return problem(HttpStatus.BAD_REQUEST, PHRASES.say("the-form-cannot-be-read"), List.of());
  }

  /**
   * What the framework itself refuses keeps its status; what nobody foresaw is told without its
   * inside.
   */
  @ExceptionHandler
  ProblemDetail anythingElse(Exception e) {
    if (e instanceof ErrorResponse known) {
      HttpStatus status = HttpStatus.valueOf(known.getStatusCode().value());
      return problem(status, said(status), List.of());
    }
    if (database.isWhy(e)) {
      return problem(HttpStatus.SERVICE_UNAVAILABLE, LostDatabase.SAYS, List.of());
    }
    LOG.error("A request failed", e);
    return problem(
        HttpStatus.INTERNAL_SERVER_ERROR, PHRASES.say("attune-could-not-do-this"), List.of());
  }

  /** What was found is told, not sent back whole. */
  private static Fault brief(Fault fault) {
    return fault.found().length() <= MOST_FOUND
        ? fault
        : new Fault(fault.pointer(), fault.found().substring(0, MOST_FOUND) + "…", fault.allowed());
  }

  private static String said(HttpStatus status) {
    return switch (status) {
      case NOT_FOUND -> PHRASES.say("there-is-nothing-here");
      case METHOD_NOT_ALLOWED -> PHRASES.say("that-cannot-be-done-here");
      case UNSUPPORTED_MEDIA_TYPE -> PHRASES.say("that-kind-of-content-is");
      case NOT_ACCEPTABLE -> PHRASES.say("there-is-no-such-kind");
      default -> PHRASES.say("the-request-is-not-of");
    };
  }

  private static ProblemDetail problem(
      HttpStatus status, @Nullable String detail, List<Fault> faults) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    if (faults.size() > MOST_FAULTS) {
      problem.setDetail(
          PHRASES.say(
              "the-first-faults-and-more",
              String.valueOf(detail),
              MOST_FAULTS,
              faults.size() - MOST_FAULTS));
    }
    problem.setProperty("faults", faults.stream().limit(MOST_FAULTS).map(Faults::brief).toList());
    return problem;
  }
}
