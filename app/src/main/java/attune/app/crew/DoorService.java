package attune.app.crew;

import attune.app.crew.CrewViews.SignIn;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds a passphrase or PIN against what somebody is known by; every wrong one waits longer. */
@Service
class DoorService {
  private static final Phrases PHRASES = Phrases.of(DoorService.class);

  private static final int FREE_TRIES = 3;
  private static final Duration FIRST_WAIT = Duration.ofSeconds(30);
  private static final Duration LONGEST_WAIT = Duration.ofHours(1);

  private final MemberRepository members;
  private final PasswordEncoder encoder;
  private final Clock clock;

  DoorService(MemberRepository members, PasswordEncoder encoder, Clock clock) {
    this.members = members;
    this.encoder = encoder;
    this.clock = clock;
  }

  /**
   * Who it is.
   *
   * @param open true where whoever is picked is believed, as in the demo
   * @throws InvalidInputException for the wrong secret, or one tried too soon after others
   */
  @Transactional(noRollbackFor = InvalidInputException.class)
  public Who check(SignIn request, boolean open) {
    MemberEntity member =
        members
            .findById(request.memberId())
            .filter(m -> m.leftAt().isEmpty())
            .orElseThrow(
                () ->
                    new InvalidInputException(
                        "/memberId", "nobody", PHRASES.say("a-name-at-the-door")));
    Who who = new Who(member.getId(), member.name(), member.role());
    if (open && member.passphraseHash().isEmpty() && member.pinHash().isEmpty()) {
      return who;
    }
    boolean byPin = request.pin() != null;
    String field = byPin ? "/pin" : "/passphrase";
    LocalDateTime now = LocalDateTime.now(clock);
    Optional<LocalDateTime> locked = member.lockedUntil().filter(until -> until.isAfter(now));
    if (locked.isPresent()) {
      throw new InvalidInputException(
          field,
          PHRASES.say("too-many-wrong-ones"),
          PHRASES.say("another-try-in", left(now, locked.get())));
    }
    String told = byPin ? request.pin() : request.passphrase() == null ? "" : request.passphrase();
    Optional<String> hash = byPin ? member.pinHash() : member.passphraseHash();
    if (hash.filter(known -> encoder.matches(told, known)).isEmpty()) {
      member.missed(lockedUntil(now, member.misses() + 1));
      throw new InvalidInputException(
          field,
          PHRASES.say("a-wrong-one"),
          byPin
              ? PHRASES.say("pin-of", member.name())
              : PHRASES.say("passphrase-of", member.name()));
    }
    member.forgiven();
    return who;
  }

  private static @Nullable LocalDateTime lockedUntil(LocalDateTime now, int misses) {
    if (misses < FREE_TRIES) {
      return null;
    }
    int doublings = Math.min(misses - FREE_TRIES, 10);
    Duration wait = FIRST_WAIT.multipliedBy(1L << doublings);
    return now.plus(wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait);
  }

  private static String left(LocalDateTime now, LocalDateTime until) {
    long seconds = Duration.between(now, until).toSeconds() + 1;
    return seconds < 90
        ? PHRASES.say("seconds", seconds)
        : PHRASES.say("minutes", (seconds + 59) / 60);
  }
}
