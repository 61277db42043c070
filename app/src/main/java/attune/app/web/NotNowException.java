package attune.app.web;

/** A sound request at the wrong moment; the message says what has to come first. */
public class NotNowException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotNowException(String message) {
    super(message);
  }
}
