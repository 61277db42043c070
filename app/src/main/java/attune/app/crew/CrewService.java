package attune.app.crew;

import attune.app.author.MemberLeft;
import attune.app.author.MemberNamed;
import attune.app.crew.CrewViews.MemberForm;
import attune.app.crew.CrewViews.MemberView;
import attune.app.crew.CrewViews.NameView;
import attune.app.crew.CrewViews.SecretForm;
import attune.app.crew.CrewViews.SessionView;
import attune.app.shop.Members;
import attune.app.web.NotNowException;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.codec.digest.DigestUtils;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Keeps who works here and what they sign in with. */
@Service
@Transactional
public class CrewService implements Members {
  private static final Phrases PHRASES = Phrases.of(CrewService.class);

  /** Attribute of a session with the device it was begun at. */
  static final String DEVICE = "attune.device";

  private final MemberRepository members;
  private final FindByIndexNameSessionRepository<? extends Session> sessions;
  private final PasskeyService passkeys;
  private final PasswordEncoder encoder;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  /** Who works here: asked for by every request, and few. */
  private volatile @Nullable List<Who> known;

  private volatile int changes;

  CrewService(
      MemberRepository members,
      FindByIndexNameSessionRepository<? extends Session> sessions,
      PasskeyService passkeys,
      PasswordEncoder encoder,
      Clock clock,
      ApplicationEventPublisher events) {
    this.members = members;
    this.sessions = sessions;
    this.passkeys = passkeys;
    this.encoder = encoder;
    this.clock = clock;
    this.events = events;
  }

  private List<Who> known() {
    List<Who> there = known;
    if (there != null) {
      return there;
    }
    int before = changes;
    List<Who> read =
        members.findByLeftAtIsNullOrderByName().stream()
            .map(m -> new Who(m.getId(), m.name(), m.role()))
            .toList();
    synchronized (this) {
      if (before == changes) {
        known = read; // nobody came, went or changed while it was read
      }
    }
    return read;
  }

  /** Read anew by whoever asks once the change stands: before, others still see what was. */
  private void changed() {
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            synchronized (CrewService.this) {
              changes++;
              known = null;
            }
          }
        });
  }

  /** Names by id, of those who have left too. */
  @Transactional(readOnly = true)
  public Map<UUID, String> names() {
    return members.findAll().stream()
        .collect(Collectors.toMap(MemberEntity::getId, MemberEntity::name));
  }

  @Override
  @Transactional(readOnly = true)
  public Map<String, UUID> byName() {
    return members.findByLeftAtIsNullOrderByName().stream()
        .collect(Collectors.toMap(MemberEntity::name, MemberEntity::getId));
  }

  /** A member by id; empty for one who has left. */
  @Transactional(readOnly = true)
  public Optional<Who> who(UUID id) {
    return known().stream().filter(who -> id.equals(who.id())).findFirst();
  }

  @Transactional(readOnly = true)
  public boolean hasOwner() {
    return firstOwner().isPresent();
  }

  @Transactional(readOnly = true)
  Optional<Who> firstOwner() {
    return known().stream().filter(who -> who.role() == Role.OWNER).findFirst();
  }

  @Transactional(readOnly = true)
  List<NameView> atTheDoor() {
    return members.findByLeftAtIsNullOrderByName().stream()
        .sorted(Comparator.comparing(MemberEntity::role))
        .map(
            m ->
                new NameView(
                    m.getId(),
                    m.name(),
                    m.role(),
                    m.pinHash().isPresent(),
                    m.passphraseHash().isPresent()))
        .toList();
  }

  @Transactional(readOnly = true)
  List<MemberView> members() {
    return members.findByLeftAtIsNullOrderByName().stream()
        .sorted(Comparator.comparing(MemberEntity::role))
        .map(this::view)
        .toList();
  }

  private MemberView view(MemberEntity m) {
    return new MemberView(
        m.getId(),
        m.name(),
        m.role(),
        m.passphraseHash().isPresent(),
        m.pinHash().isPresent(),
        sessions.findByPrincipalName(m.getId().toString()).size(),
        m.lockedUntil().filter(until -> until.isAfter(now())).orElse(null),
        m.version());
  }

  /** Takes somebody in who has nothing to sign in with yet. */
  public void takeIn(String name, Role role) {
    taken(new MemberForm(name, role, null, null, null));
  }

  /**
   * Takes somebody in, or back in who had left.
   *
   * @throws NotNowException for a first owner, whom nobody could sign in as
   */
  MemberView add(MemberForm form) {
    firstOwnerByTheDoor(form);
    return taken(form);
  }

  private void firstOwnerByTheDoor(MemberForm form) {
    if (form.role() == Role.OWNER && !hasOwner()) {
      throw new NotNowException(PHRASES.say("the-first-owner-is-made"));
    }
  }

  private MemberView taken(MemberForm form) {
    String name = form.name().strip();
    Optional<MemberEntity> before = members.findByName(name);
    if (before.filter(m -> m.leftAt().isEmpty()).isPresent()) {
      throw new InvalidInputException(
          "/name", "\"" + name + "\"", PHRASES.say("a-name-nobody-else-here"));
    }
    MemberEntity member =
        before.orElseGet(() -> new MemberEntity(UUID.randomUUID(), name, form.role(), now()));
    member.comesBack();
    return take(member, name, form);
  }

  /**
   * Changes somebody.
   *
   * @throws NotNowException where the shop would be left without an owner
   */
  MemberView change(UUID id, MemberForm form) {
    MemberEntity member = member(id);
    if (form.version() == null || form.version() != member.version()) {
      throw new ObjectOptimisticLockingFailureException(MemberEntity.class, id);
    }
    String name = form.name().strip();
    if (members.findByName(name).filter(other -> !other.getId().equals(id)).isPresent()) {
      throw new InvalidInputException(
          "/name", "\"" + name + "\"", PHRASES.say("a-name-nobody-else-here"));
    }
    firstOwnerByTheDoor(form);
    if (form.role() != Role.OWNER) {
      keepAnOwner(member);
    }
    return take(member, name, form);
  }

  private MemberView take(MemberEntity member, String name, MemberForm form) {
    String before = member.isNew() ? null : member.name();
    member.is(name, form.role());
    know(member, form.passphrase(), form.pin());
    MemberEntity saved = members.saveAndFlush(member);
    changed();
    tell(saved, before);
    return view(saved);
  }

  private void tell(MemberEntity member, @Nullable String before) {
    if (!member.name().equals(before)) {
      boolean works = Right.TICK.has(member.role());
      events.publishEvent(new MemberNamed(member.getId(), before, member.name(), works));
    }
  }

  private void know(MemberEntity member, @Nullable String passphrase, @Nullable String pin) {
    if (passphrase != null) {
      Guessing.check(passphrase, member.name());
    }
    member.knows(
        passphrase == null ? member.passphraseHash().orElse(null) : encoder.encode(passphrase),
        pin == null ? member.pinHash().orElse(null) : encoder.encode(pin));
  }

  private void keepAnOwner(MemberEntity member) {
    boolean another =
        members.findByLeftAtIsNullOrderByName().stream()
            .anyMatch(m -> m.role() == Role.OWNER && !m.getId().equals(member.getId()));
    if (member.role() == Role.OWNER && !another) {
      throw new NotNowException(PHRASES.say("the-shop-needs-an-owner"));
    }
  }

  /** Somebody leaves: signed out everywhere, their name stays where it is written. */
  void remove(UUID id) {
    MemberEntity member = member(id);
    keepAnOwner(member);
    member.leaves(now());
    passkeys.forgetAll(id);
    members.flush();
    changed();
    endSessions(id);
    events.publishEvent(new MemberLeft(id, member.name()));
  }

  /** Makes an owner, or lets one back in under a new passphrase. */
  Who owner(String name, String passphrase) {
    MemberEntity owner =
        members
            .findByName(name)
            .orElseGet(() -> new MemberEntity(UUID.randomUUID(), name, Role.OWNER, now()));
    owner.comesBack();
    owner.is(name, Role.OWNER);
    know(owner, passphrase, null);
    passkeys.forgetAll(owner.getId()); // whoever lost the one may have lost the other
    String before = owner.isNew() ? null : name;
    members.saveAndFlush(owner);
    changed();
    tell(owner, before);
    return new Who(owner.getId(), name, Role.OWNER);
  }

  /** Changes one's own passphrase or PIN, by the one there is. */
  void secrets(UUID id, SecretForm form) {
    MemberEntity member = member(id);
    boolean has = member.passphraseHash().or(member::pinHash).isPresent();
    String now = form.now() == null ? "" : form.now();
    boolean right =
        member.passphraseHash().filter(hash -> encoder.matches(now, hash)).isPresent()
            || member.passphraseHash().isEmpty()
                && member.pinHash().filter(hash -> encoder.matches(now, hash)).isPresent();
    if (has && !right) {
      throw new InvalidInputException(
          "/now", PHRASES.say("another-one"), PHRASES.say("the-passphrase-you-sign-in"));
    }
    know(member, form.passphrase(), form.pin());
    members.flush();
  }

  @Transactional(readOnly = true)
  List<SessionView> sessions(UUID id, @Nullable String here) {
    return sessions.findByPrincipalName(member(id).getId().toString()).values().stream()
        .map(s -> view(s, here))
        .sorted(Comparator.comparing(SessionView::seen).reversed())
        .toList();
  }

  private static SessionView view(Session session, @Nullable String here) {
    return new SessionView(
        handle(session.getId()),
        session.getAttributeOrDefault(DEVICE, PHRASES.say("a-device-not-noted")),
        local(session.getCreationTime()),
        local(session.getLastAccessedTime()),
        session.getId().equals(here));
  }

  /** Tells sessions apart without giving away what opens them. */
  private static String handle(String sessionId) {
    return DigestUtils.sha256Hex(sessionId);
  }

  /** Ends one of somebody's sessions. */
  void endSession(UUID id, String handle) {
    String found =
        sessions.findByPrincipalName(member(id).getId().toString()).keySet().stream()
            .filter(session -> handle(session).equals(handle))
            .findFirst()
            .orElseThrow(() -> new NoSuchElementException(PHRASES.say("that-one-is-over-already")));
    sessions.deleteById(found);
  }

  void endSessions(UUID id) {
    Map<String, ? extends Session> found = sessions.findByPrincipalName(id.toString());
    found.keySet().forEach(sessions::deleteById);
  }

  private MemberEntity member(UUID id) {
    return members
        .findById(id)
        .filter(m -> m.leftAt().isEmpty())
        .orElseThrow(() -> new NoSuchElementException(PHRASES.say("nobody-of-that-kind-works")));
  }

  private static LocalDateTime local(Instant at) {
    return LocalDateTime.ofInstant(at, ZoneId.systemDefault()).truncatedTo(ChronoUnit.SECONDS);
  }

  private LocalDateTime now() {
    return LocalDateTime.now(clock).truncatedTo(ChronoUnit.SECONDS);
  }
}
