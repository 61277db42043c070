package attune.app.crew;

/** What the log keeps. */
public enum LogKind {
  SIGN_IN("Signed in"),
  SIGN_IN_FAILED("Sign-in failed"),
  SIGN_OUT("Signed out"),
  REFUSED("Refused"),
  OWNER("Owner made or reset"),
  SECRET("Own passphrase, PIN or passkey changed"),
  ROLE("Somebody added, changed or removed"),
  SESSIONS("Sessions ended"),
  DEVICE("Device let in or cut off"),
  EXPORT("Data taken out"),
  IMPORT("Data brought in"),
  BACKUP("Backup made"),
  DELETION("Customer deleted"),
  MERGE("Records merged"),
  RULES("Rules or shop changed"),
  HAND_OVER("Car handed over"),
  LINK("Report link made or revoked");

  private final String words;

  LogKind(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
