package attune.app.web;

import attune.core.check.Fault;
import attune.core.check.InvalidInputException;
import java.util.List;
import java.util.NoSuchElementException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;

/** Faults as RFC 9457 problem details with a {@code faults} array; never a stack trace. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE) // before the framework's own, which names no fields
class Faults {

  @ExceptionHandler
  ProblemDetail invalid(InvalidInputException e) {
    return problem(
        HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be worked with as it stands.", e.faults());
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
                            ? "nothing"
                            : "\"" + error.getRejectedValue() + "\"",
                        String.valueOf(error.getDefaultMessage())))
            .toList();
    return problem(
        HttpStatus.UNPROCESSABLE_CONTENT, "This cannot be worked with as it stands.", faults);
  }

  @ExceptionHandler
  ProblemDetail unreadable(HttpMessageNotReadableException e) {
    return problem(
        HttpStatus.BAD_REQUEST,
        "The request is not JSON of the form expected.",
        List.of(
            new Fault(
                "", "text that cannot be read", "one JSON object with the fields of the API")));
  }

  @ExceptionHandler
  ProblemDetail mistyped(MethodArgumentTypeMismatchException e) {
    return problem(
        HttpStatus.NOT_FOUND,
        "There is nothing here.",
        List.of(
            new Fault(
                "/" + e.getName(), "\"" + e.getValue() + "\"", "an id of the kind asked for")));
  }

  @ExceptionHandler
  ProblemDetail tooLarge(MaxUploadSizeExceededException e) {
    return problem(
        HttpStatus.CONTENT_TOO_LARGE,
        "The file is too large.",
        List.of(new Fault("/file", "more than 30 MB", "at most 30 MB")));
  }

  @ExceptionHandler
  ProblemDetail incomplete(MissingServletRequestPartException e) {
    return problem(
        HttpStatus.UNPROCESSABLE_CONTENT,
        "This cannot be worked with as it stands.",
        List.of(new Fault("/" + e.getRequestPartName(), "nothing", "a file")));
  }

  @ExceptionHandler
  ProblemDetail missing(NoSuchElementException e) {
    return problem(HttpStatus.NOT_FOUND, e.getMessage(), List.of());
  }

  @ExceptionHandler
  ProblemDetail conflict(OptimisticLockingFailureException e) {
    return problem(
        HttpStatus.CONFLICT,
        "Somebody else changed this at the same moment. Look again, then repeat it.",
        List.of());
  }

  @ExceptionHandler
  ProblemDetail notNow(NotNowException e) {
    return problem(HttpStatus.CONFLICT, e.getMessage(), List.of());
  }

  private static ProblemDetail problem(HttpStatus status, String detail, List<Fault> faults) {
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, detail);
    problem.setProperty("faults", faults);
    return problem;
  }
}
