package attune.app.crew;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What goes in and out of the crew's endpoints. */
final class CrewViews {
  static final String PIN = "\\d{4,8}";
  static final String PIN_ALLOWED = "{pin-allowed}";
  static final int PASSPHRASE_LEAST = 12;
  static final String PASSPHRASE_ALLOWED = "{passphrase-allowed}";

  private CrewViews() {}

  /** How one comes in here. */
  enum Door {
    /** Nobody works here yet: whoever sits at the machine may do everything. */
    OPEN_HOUSE,
    /** The invented shop: one is whoever one picks. */
    DEMO,
    /** By passphrase or PIN. */
    LOCKED,
    /** On the network before there is an owner: by the code from the console. */
    OWNER_FIRST
  }

  /** Somebody whose name may be picked at the door. */
  record NameView(UUID id, String name, Role role, boolean pin, boolean passphrase) {}

  /**
   * Who asks.
   *
   * @param id null in the open house
   */
  record MeView(@Nullable UUID id, String name, Role role, List<Right> rights) {}

  /**
   * The door, as it stands for whoever asks.
   *
   * @param shop its name
   * @param passkeys whether somebody could come in by one at this address
   * @param me null before signing in
   */
  record DoorView(
      Door door, String shop, List<NameView> names, boolean passkeys, @Nullable MeView me) {}

  /** Signing in, by one of the two; by neither in the demo. */
  record SignIn(
      @NotNull(message = "{one-of-the-names-at-the}") UUID memberId,
      @Nullable @Size(max = 128, message = PASSPHRASE_ALLOWED) String passphrase,
      @Nullable @Size(max = 8, message = PIN_ALLOWED) String pin) {
    @Override
    public String toString() {
      return "SignIn of " + memberId; // never the secret
    }
  }

  /** The first owner, or an owner who comes back by a new code. */
  record OwnerRequest(
      @NotBlank(message = "{the-code-from-the-console}") @Size(max = 20, message = "{the-code}")
          String code,
      @NotBlank(message = "{a-name-of-1-to-80}") @Size(max = 80, message = "{a-name-of-1-to-80}")
          String name,
      @NotNull(message = PASSPHRASE_ALLOWED)
          @Size(min = PASSPHRASE_LEAST, max = 128, message = PASSPHRASE_ALLOWED)
          String passphrase) {
    @Override
    public String toString() {
      return "OwnerRequest of " + name;
    }
  }

  /**
   * Somebody who works here.
   *
   * @param passphrase a new one; null leaves it
   * @param pin a new one; null leaves it
   * @param version of the record that was changed; null for a new one
   */
  record MemberForm(
      @NotBlank(message = "{a-name-of-1-to-80}") @Size(max = 80, message = "{a-name-of-1-to-80}")
          String name,
      @NotNull(message = "{owner-specialist-technician-desk-or}") Role role,
      @Nullable @Size(min = PASSPHRASE_LEAST, max = 128, message = PASSPHRASE_ALLOWED)
          String passphrase,
      @Nullable @Pattern(regexp = PIN, message = PIN_ALLOWED) String pin,
      @Nullable Integer version) {
    @Override
    public String toString() {
      return "MemberForm of " + name;
    }
  }

  /** A member, and on how many devices they are signed in. */
  record MemberView(
      UUID id,
      String name,
      Role role,
      boolean passphrase,
      boolean pin,
      int sessions,
      @Nullable LocalDateTime lockedUntil,
      int version) {}

  /** One's own secrets, by the old passphrase or PIN. */
  record SecretForm(
      @Nullable @Size(max = 128, message = PASSPHRASE_ALLOWED) String now,
      @Nullable @Size(min = PASSPHRASE_LEAST, max = 128, message = PASSPHRASE_ALLOWED)
          String passphrase,
      @Nullable @Pattern(regexp = PIN, message = PIN_ALLOWED) String pin) {
    @Override
    public String toString() {
      return "SecretForm";
    }
  }

  /**
   * A place where somebody is signed in.
   *
   * @param handle by which it is ended; it opens nothing
   * @param device as the shop calls it
   * @param here true for the one that asks
   */
  record SessionView(
      String handle, String device, LocalDateTime since, LocalDateTime seen, boolean here) {}

  /** A passkey of one's own, by what one calls it. */
  record PasskeyView(String handle, String label, LocalDateTime since, LocalDateTime used) {}

  /** A new passkey, as the browser made it. */
  record PasskeyForm(
      @NotBlank(message = "{a-name-of-1-to-60}") @Size(max = 60, message = "{a-name-of-1-to-60}")
          String label,
      @NotNull(message = "{what-the-browser-made}") Map<String, Object> credential) {}

  /** What the browser signed with a passkey. */
  record PasskeyAnswer(
      @NotNull(message = "{what-the-browser-signed}") Map<String, Object> credential) {}

  /** A right, in words, and who has it. */
  record RightView(Right right, String words, List<Role> roles) {}

  /** A line of the log. */
  record LogView(LocalDateTime at, String who, LogKind kind, String words, String about) {}
}
