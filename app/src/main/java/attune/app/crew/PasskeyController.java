package attune.app.crew;

import attune.app.crew.CrewViews.DoorView;
import attune.app.crew.CrewViews.PasskeyAnswer;
import attune.app.crew.CrewViews.PasskeyForm;
import attune.app.crew.CrewViews.PasskeyView;
import attune.app.web.NotNowException;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Passkeys over HTTP; what a browser was asked for waits in its session for the answer, once. */
@RestController
@RequestMapping("/api/v1/crew")
class PasskeyController {
  private static final Phrases PHRASES = Phrases.of(PasskeyController.class);

  private static final String NEW = "attune.passkey.new";
  private static final String IN = "attune.passkey.in";

  private final PasskeyService passkeys;
  private final CrewService crew;
  private final Entrance entrance;
  private final Present present;
  private final LogService log;

  PasskeyController(
      PasskeyService passkeys,
      CrewService crew,
      Entrance entrance,
      Present present,
      LogService log) {
    this.passkeys = passkeys;
    this.crew = crew;
    this.entrance = entrance;
    this.present = present;
    this.log = log;
  }

  @GetMapping("/me/passkeys")
  List<PasskeyView> own() {
    return passkeys.of(mine());
  }

  @PostMapping("/me/passkeys/options")
  Map<String, Object> askForNew(HttpServletRequest http) {
    var asked = passkeys.asksForNew(me(), Site.of(http).named());
    http.getSession(true).setAttribute(NEW, asked);
    return passkeys.fields(asked);
  }

  @PostMapping("/me/passkeys")
  @ResponseStatus(HttpStatus.CREATED)
  List<PasskeyView> keep(@Valid @RequestBody PasskeyForm form, HttpServletRequest http) {
    Who me = me();
    var asked = asked(http, NEW, PublicKeyCredentialCreationOptions.class);
    passkeys.keep(asked, form.credential(), form.label().strip(), Site.of(http).named());
    return passkeys.of(mine());
  }

  @DeleteMapping("/me/passkeys/{handle}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable String handle) {
    passkeys.forget(mine(), handle);
  }

  @PostMapping("/session/passkey/options")
  Map<String, Object> askForOne(HttpServletRequest http) {
    var asked = passkeys.asksForOne(Site.of(http).named());
    http.getSession(true).setAttribute(IN, asked);
    return passkeys.fields(asked);
  }

  @PostMapping("/session/passkey")
  DoorView comeIn(
      @Valid @RequestBody PasskeyAnswer answer,
      HttpServletRequest http,
      HttpServletResponse response) {
    var asked = asked(http, IN, PublicKeyCredentialRequestOptions.class);
    try {
      UUID member = passkeys.whoSigned(asked, answer.credential(), Site.of(http).named());
      Who who =
          crew.who(member)
              .orElseThrow(
                  () ->
                      new InvalidInputException(
                          "/credential", PHRASES.say("of-one-who-left"), PHRASES.say("ones-own")));
      entrance.enter(who, PHRASES.say("by-passkey"), http, response);
    } catch (InvalidInputException e) {
      log.note("nobody", LogKind.SIGN_IN_FAILED, "passkey: " + e.faults().get(0).found());
      throw e;
    }
    return entrance.door(http);
  }

  private UUID mine() {
    return Objects.requireNonNull(me().id());
  }

  private Who me() {
    return present
        .who()
        .filter(who -> who.id() != null)
        .orElseThrow(() -> new NotNowException(PHRASES.say("nobody-is-signed-in-here")));
  }

  /** What the browser was asked for, taken out so that an answer is good once. */
  private static <T> T asked(HttpServletRequest http, String which, Class<T> type) {
    HttpSession session = http.getSession(false);
    Object asked = session == null ? null : session.getAttribute(which);
    if (!type.isInstance(asked)) {
      throw new NotNowException(PHRASES.say("nothing-was-asked-for-here"));
    }
    session.removeAttribute(which);
    return type.cast(asked);
  }
}
