package attune.app.crew;

import attune.app.crew.CrewViews.DoorView;
import attune.app.crew.CrewViews.LogView;
import attune.app.crew.CrewViews.MemberForm;
import attune.app.crew.CrewViews.MemberView;
import attune.app.crew.CrewViews.OwnerRequest;
import attune.app.crew.CrewViews.RightView;
import attune.app.crew.CrewViews.SecretForm;
import attune.app.crew.CrewViews.SessionView;
import attune.app.crew.CrewViews.SignIn;
import attune.app.format.SheetCell;
import attune.app.format.WireCodes;
import attune.app.web.NotNowException;
import attune.app.web.ShopNetwork;
import attune.core.check.InvalidInputException;
import attune.core.words.Lists;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The door, who works here, and the log, over HTTP. */
@RestController
@RequestMapping("/api/v1/crew")
class CrewController {
  private static final Phrases PHRASES = Phrases.of(CrewController.class);

  private static final int LINES_SHOWN = 200;
  private static final int LINES_TAKEN_OUT = 100_000;

  private final CrewService crew;
  private final DoorService door;
  private final OwnerCode code;
  private final Present present;
  private final LogService log;
  private final Entrance entrance;

  CrewController(
      CrewService crew,
      DoorService door,
      OwnerCode code,
      Present present,
      LogService log,
      Entrance entrance) {
    this.crew = crew;
    this.door = door;
    this.code = code;
    this.present = present;
    this.log = log;
    this.entrance = entrance;
  }

  @GetMapping("/door")
  DoorView door(HttpServletRequest request) {
    return entrance.door(request);
  }

  @PostMapping("/session")
  DoorView signIn(
      @Valid @RequestBody SignIn request, HttpServletRequest http, HttpServletResponse response) {
    boolean believed = present.isDemo() && ShopNetwork.isHere(http);
    try {
      Who who = door.check(request, believed);
      entrance.enter(who, who.role().word(), http, response);
    } catch (InvalidInputException e) {
      log.note(
          crew.who(request.memberId()).map(Who::inLog).orElse("nobody"),
          LogKind.SIGN_IN_FAILED,
          e.faults().get(0).found());
      throw e;
    }
    return door(http);
  }

  @DeleteMapping("/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest http) {
    HttpSession session = http.getSession(false);
    if (session != null) {
      log.note(present.who(http).map(Who::inLog).orElse("nobody"), LogKind.SIGN_OUT, "");
      session.invalidate();
    }
  }

  /** Makes the first owner, or lets one back in; by the code from the console. */
  @PostMapping("/owner")
  @ResponseStatus(HttpStatus.CREATED)
  DoorView owner(
      @Valid @RequestBody OwnerRequest request,
      HttpServletRequest http,
      HttpServletResponse response) {
    if (!code.isRight(request.code())) {
      log.note("nobody", LogKind.SIGN_IN_FAILED, "a wrong code for the owner");
      throw new InvalidInputException(
          "/code", PHRASES.say("another-code"), PHRASES.say("the-latest-code-attune-printed"));
    }
    Who owner = crew.owner(request.name().strip(), request.passphrase());
    code.spend();
    entrance.enter(owner, owner.role().word(), http, response);
    return door(http);
  }

  @PutMapping("/me")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void secrets(@Valid @RequestBody SecretForm form) {
    crew.secrets(me(), form);
  }

  private UUID me() {
    return present
        .who()
        .map(Who::id)
        .orElseThrow(() -> new NotNowException(PHRASES.say("nobody-is-signed-in-here")));
  }

  @GetMapping("/me/sessions")
  List<SessionView> ownSessions(HttpServletRequest http) {
    HttpSession here = http.getSession(false);
    return crew.sessions(me(), here == null ? null : here.getId());
  }

  @DeleteMapping("/me/sessions/{handle}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endOwnSession(@PathVariable String handle) {
    crew.endSession(me(), handle);
  }

  @GetMapping("/members")
  List<MemberView> members() {
    return crew.members();
  }

  @PostMapping("/members")
  @ResponseStatus(HttpStatus.CREATED)
  MemberView add(@Valid @RequestBody MemberForm form, HttpServletRequest request) {
    return noted(crew.add(form), request);
  }

  /** The log names whoever it is now, and not who was there before. */
  private static MemberView noted(MemberView member, HttpServletRequest request) {
    request.setAttribute(LogFilter.ABOUT, Lists.facts(member.name(), member.role().word()));
    return member;
  }

  @PutMapping("/members/{id}")
  MemberView change(
      @PathVariable UUID id, @Valid @RequestBody MemberForm form, HttpServletRequest request) {
    return noted(crew.change(id, form), request);
  }

  @DeleteMapping("/members/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    crew.remove(id);
  }

  @GetMapping("/members/{id}/sessions")
  List<SessionView> sessions(@PathVariable UUID id) {
    return crew.sessions(id, null);
  }

  @DeleteMapping("/members/{id}/sessions")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void endSessions(@PathVariable UUID id) {
    crew.endSessions(id);
  }

  @GetMapping("/rights")
  List<RightView> rights() {
    return Arrays.stream(Right.values())
        .map(right -> new RightView(right, right.words(), right.roles()))
        .toList();
  }

  @GetMapping("/log")
  List<LogView> log(@RequestParam Optional<LogKind> kind, @RequestParam @Nullable String who) {
    return log.latest(kind.orElse(null), who, LINES_SHOWN);
  }

  @GetMapping("/log.csv")
  ResponseEntity<String> logFile() {
    StringBuilder text = new StringBuilder();
    try (CSVPrinter csv =
        CSVFormat.DEFAULT.builder().setHeader("at", "who", "kind", "about").get().print(text)) {
      for (LogView line : log.latest(null, null, LINES_TAKEN_OUT)) {
        csv.printRecord(
            line.at(),
            SheetCell.guarded(line.who()),
            WireCodes.of(line.kind()),
            SheetCell.guarded(line.about()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return ResponseEntity.ok()
        .contentType(new MediaType("text", "csv", java.nio.charset.StandardCharsets.UTF_8))
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"log.csv\"")
        .body(text.toString());
  }
}
